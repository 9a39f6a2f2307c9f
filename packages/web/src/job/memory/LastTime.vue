<script setup lang="ts">
import { startedFrom, putWork, workOf, type BeforeRow } from '@anello/contract';
import { mdiChevronDown, mdiChevronUp } from '@mdi/js';
import { angle } from '@anello/core/figure';
import type { Stage } from '@anello/core/job';
import { wayName } from '@anello/core/ways';
import { computed, ref } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { useShop } from '../../data/stores/shop';
import { useJobModel } from '../model/useJobModel';
import { lineOf, outcomeOf, shareOf, spentOf, times, type Names } from './lineOf';
import { useBefore } from './useBefore';

/** How this shop did the same before: a line for the step in hand, and all of it on a tap. */
const props = defineProps<{ stage: Stage }>();
const job = useJob();
const screen = useScreen();
const shop = useShop();
const model = useJobModel();
const rows = useBefore();
const open = ref(false);

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
const day = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const STEPS: Partial<Record<Stage, string>> = { way: 'way', set: 'set', cut: 'cut', prove: 'prove' };
const placeOf = (row: BeforeRow): string =>
  `/job/${row.jobId}/${STEPS[props.stage] ?? 'record'}/${encodeURIComponent(row.feature)}`;

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
  open.value = false;
  screen.offerBack(`Way and cut as in ${row.number}.`, () => put(before));
}
</script>

<template>
  <section v-if="told" class="last" aria-label="Last time">
    <button class="plain line" :aria-expanded="open" @click="open = !open">
      <strong class="label">Last time</strong>
      <span class="fig number">{{ told.row.number }}</span>
      <span class="said"><PhraseText :phrase="told.line" /></span>
      <v-icon class="open" :icon="open ? mdiChevronUp : mdiChevronDown" aria-hidden="true" />
    </button>
    <ul v-if="open" class="rows">
      <li v-for="row in rows" :key="`${row.jobId}-${row.feature}`">
        <p class="what">
          <router-link :to="placeOf(row)"
            ><span class="fig">{{ row.number }}</span> {{ row.title }}</router-link
          >
          <span class="quiet"
            >{{ day(row.story.to) }} · {{ row.story.operator }} · {{ names.machine(row.machineId)
            }}<template v-if="row.material"> · {{ row.material }}</template></span
          >
        </p>
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
          <div>
            <dt>Came out</dt>
            <dd :class="{ bad: row.story.scrapped > 0 }">{{ outcomeOf(row) }}</dd>
          </div>
        </dl>
        <p v-for="cause in row.story.causes" :key="cause" class="cause">{{ cause }}</p>
        <v-btn v-if="begun(row)" class="as-then" @click="workAsThen(row)">Work it as then</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.last {
  border-bottom: 1px solid var(--rule);
  background: var(--paper-2);
}
.line {
  display: flex;
  align-items: center;
  gap: 12px;
  width: 100%;
  min-height: 44px;
  padding: 0 18px !important;
  text-align: left;
  font-size: 15.5px;
}
.label {
  flex: none;
}
.number {
  flex: none;
  color: var(--ink-2);
}
.said {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.open {
  flex: none;
  margin-left: auto;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0 18px 14px;
  display: grid;
  gap: 12px;
}
.rows li {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 0;
}
dt {
  font-size: 13.5px;
  color: var(--ink-2);
}
dd {
  margin: 0;
  font-size: 17px;
  font-weight: 600;
}
.nudges {
  font-weight: 400;
  margin-left: 8px;
  font-size: 14px;
}
.bad {
  color: var(--red);
}
.cause {
  max-width: 80ch;
}
</style>
