<script setup lang="ts">
import { startedFrom, putWork, workOf, type BeforeRow } from '@anello/contract';
import { angle } from '@anello/core/figure';
import type { Stage } from '@anello/core/job';
import { wayName } from '@anello/core/ways';
import { computed, ref, watch } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import { useJob } from '../../data/stores/job';
import { useShop } from '../../data/stores/shop';
import { useJobModel } from '../model/useJobModel';
import { usePlan } from '../plan/usePlan';
import { lineOf, minutesSaid, outcomeOf, shareOf, spentOf, times, type Names } from './lineOf';
import LastLine from './LastLine.vue';
import { dayOf } from '../../ui/days';
import { useBefore } from './useBefore';

/** How this shop did the same before: a line for the step in hand, and all of it on a tap. */
const props = defineProps<{ stage: Stage }>();
/** Whether there is something to tell; null while that is asked. */
const emit = defineEmits<{ known: [told: boolean | null] }>();
const job = useJob();
const shop = useShop();
const model = useJobModel();
const plan = usePlan();
const { rows, answered } = useBefore();
const shell = ref<{ close(): void } | null>(null);

const names: Names = {
  machine: (id) => shop.byId(id)?.document.name ?? 'another lathe',
  way: (id) => wayName(id) ?? id,
};
/** The first that says something to this step. */
const told = computed(() => {
  for (const row of rows.value) {
    const line = lineOf(row, props.stage, names);
    if (line) return { row, line };
  }
  return null;
});
/** So that the page keeps room for it, or none, before it moves what stands below. */
watch([answered, told], () => emit('known', answered.value ? told.value !== null : null), {
  immediate: true,
});
const underOf = ({ story, machineId }: BeforeRow): string =>
  `${dayOf(story.to)} · ${story.operator} · ${names.machine(machineId)}`;
const STEPS: Partial<Record<Stage, string>> = { way: 'way', set: 'set', cut: 'cut', prove: 'prove' };
const placeOf = (row: BeforeRow): string =>
  `/job/${row.jobId}/${STEPS[props.stage] ?? 'record'}/${encodeURIComponent(row.feature)}`;

/** What this job's own line of work gives the shape, for as many pieces; only asked for once it is opened. */
function plannedFor(pieces: number): string | null {
  const feature = model.shape.value?.feature;
  const own = plan.operations.value.find(
    ({ loop, operation }) => loop && feature !== undefined && operation.features.includes(feature),
  );
  return own ? minutesSaid(own.setUp + own.minutes * Math.max(1, pieces)) : null;
}

/** This shape's work begun from that one's; null where there is nothing to take over. */
function begun(row: BeforeRow): ReturnType<typeof startedFrom> {
  const shape = model.shape.value;
  const document = job.document;
  if (!shape || !document) return null;
  return startedFrom(workOf(document, shape.feature, shape.kind), row.work, {
    machineId: document.machineId,
    halfAngle: model.taper.value?.task.halfAngle ?? null,
  });
}
function workAsThen(row: BeforeRow): void {
  const shape = model.shape.value;
  const next = begun(row);
  if (!shape || !next || !job.document) return;
  const before = workOf(job.document, shape.feature, shape.kind);
  const put = (work: typeof next): void => job.edit((draft) => putWork(draft, shape.feature, work));
  put(next);
  shell.value?.close();
  job.offerBack(`Way and cut as in ${row.number}.`, () => put(before));
}
</script>

<template>
  <LastLine
    v-if="told"
    ref="shell"
    v-slot="{ row }"
    :told="told"
    :rows="rows"
    :place-of="placeOf"
    :under-of="underOf"
  >
    <dl>
      <div v-if="row.story.way">
        <dt>Way</dt>
        <dd>{{ names.way(row.story.way) }}</dd>
      </div>
      <div v-if="row.story.setting">
        <dt>Proved at</dt>
        <dd>
          <span class="fig"><FigureText :figure="angle(row.story.setting.halfAngle)" /></span>
          <span v-if="row.story.setting.nudges" class="quiet nudges"
            >after {{ times(row.story.setting.nudges, 'nudge') }}</span
          >
        </dd>
      </div>
      <div v-if="row.story.passes || row.story.tries">
        <dt>Passes, tries</dt>
        <dd class="fig">{{ row.story.passes }}, {{ row.story.tries }}</dd>
      </div>
      <div v-if="row.story.took !== null">
        <dt>Came off</dt>
        <dd class="fig">{{ shareOf(row.story.took) }} of 1.00 fed</dd>
      </div>
      <div v-if="spentOf(row)">
        <dt>Spent</dt>
        <dd class="fig">{{ spentOf(row) }}</dd>
      </div>
      <div v-if="plannedFor(row.story.pieces)">
        <dt>As planned here</dt>
        <dd class="fig">{{ plannedFor(row.story.pieces) }}</dd>
      </div>
      <div>
        <dt>Came out</dt>
        <dd :class="{ bad: row.story.scrapped > 0 }">{{ outcomeOf(row) }}</dd>
      </div>
    </dl>
    <p v-for="cause in row.story.causes" :key="cause" class="cause">{{ cause }}</p>
    <v-btn v-if="begun(row)" class="as-then" @click="workAsThen(row)">Work it as then</v-btn>
  </LastLine>
</template>

<style scoped>
.nudges {
  font-weight: 400;
  margin-left: 8px;
  font-size: 14px;
}
.bad {
  color: var(--red);
}
</style>
