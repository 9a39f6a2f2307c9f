<script setup lang="ts">
import { mdiArchiveArrowDownOutline, mdiArchiveArrowUpOutline } from '@mdi/js';
import type { JobCard } from '@anello/contract';
import { STAGES } from '@anello/core/job';
import PartThumb from '../../drawing/PartThumb.vue';
import { useShop } from '../../data/stores/shop';
import { dueIn } from './due';
import LineOfWork from './LineOfWork.vue';

/** A job of the rack: what it is, how far it has come, what it needs next. */
defineProps<{ job: JobCard }>();
const emit = defineEmits<{ away: [away: boolean] }>();
const shop = useShop();

const LABELS = {
  part: 'Part',
  way: 'Way',
  set: 'Set',
  cut: 'Cut',
  prove: 'Prove',
  record: 'Record',
} as const;
/** A plain operation that is next leads to its card; a shape to the step it has come to. */
const plainNow = (job: JobCard) => {
  const now = job.line?.now;
  return now && !now.loop && !job.finished && job.stages[0]?.state === 'done' ? now : null;
};
function placeOf(job: JobCard): string {
  const now = plainNow(job);
  return now && now.piece === job.piece
    ? `/job/${job.id}/work/${now.operation}`
    : `/job/${job.id}/${now ? 'plan' : job.now}`;
}
function nextOf(job: JobCard): string {
  const now = plainNow(job);
  if (!now) return job.next;
  const what = now.on ? `${now.name}: ${now.on}` : now.name;
  return now.piece === job.piece ? what : `Piece ${now.piece}, ${what.toLowerCase()}`;
}
const machineName = (id: string): string => shop.byId(id)?.document.name ?? '';
const reached = (job: JobCard): string =>
  job.scrapped
    ? 'scrapped'
    : job.finished
      ? 'finished'
      : `${LABELS[job.now]}${job.quantity > 1 ? `, piece ${job.piece} of ${job.quantity}` : ''}`;
</script>

<template>
  <li class="one">
    <router-link class="card sheet" :to="placeOf(job)">
      <span class="head"
        ><span class="fig number">{{ job.number }}</span
        ><span class="machine">{{ machineName(job.machineId) }}</span></span
      >
      <span class="title">{{ job.title }}</span>
      <PartThumb :features="job.features" />
      <LineOfWork v-if="job.line && !job.finished" :line="job.line" />
      <ol v-else class="stages" :aria-label="`Stage reached: ${reached(job)}`">
        <li
          v-for="stage in STAGES"
          :key="stage"
          :class="[
            job.stages.find((s) => s.stage === stage)?.state,
            { stale: job.stages.find((s) => s.stage === stage)?.stale },
          ]"
        >
          <span>{{ LABELS[stage] }}</span>
        </li>
      </ol>
      <span class="next" :class="{ bad: job.scrapped }"
        ><span class="fig">{{ job.quantity > 1 ? `${job.piece}/${job.quantity}` : '1 off' }}</span>
        {{ nextOf(job) }}</span
      >
      <span v-if="job.due || job.who || job.tags?.length" class="about">
        <span v-if="job.due" :class="['due', dueIn(job).tone]">{{ dueIn(job).said }}</span>
        <span v-if="job.who" class="fig">{{ job.who }}</span>
        <span v-for="tag in job.tags" :key="tag" class="tag">{{ tag }}</span>
      </span>
    </router-link>
    <v-btn
      v-if="job.finished || job.putAway"
      class="away-box"
      variant="text"
      :icon="job.putAway ? mdiArchiveArrowUpOutline : mdiArchiveArrowDownOutline"
      :aria-label="job.putAway ? `Bring ${job.number} back to the rack` : `Put ${job.number} away`"
      :title="job.putAway ? 'Bring it back to the rack' : 'Put it away'"
      @click="emit('away', !job.putAway)"
    />
  </li>
</template>

<style scoped>
.one {
  position: relative;
}
.away-box {
  position: absolute;
  right: 6px;
  bottom: 6px;
}
.about {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  font-size: 14.5px;
  padding-right: 48px;
}
.due {
  font-weight: 650;
}
.due.late {
  color: var(--red);
}
.due.soon {
  color: var(--brass);
}
.tag {
  border: 1px solid var(--rule-2);
  border-radius: 4px;
  padding: 0 6px;
  color: var(--ink-2);
}
.card {
  display: grid;
  gap: 6px;
  padding: 14px 16px 12px;
  text-decoration: none;
  height: 100%;
  align-content: start;
}
.card:hover {
  border-color: var(--blue);
}
.head {
  display: flex;
  justify-content: space-between;
  font-size: 14.5px;
  color: var(--ink-2);
}
.title {
  font-weight: 650;
  font-size: 17px;
}
.stages {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 3px;
  list-style: none;
  padding: 0;
  margin: 4px 0 2px;
  font-size: 12.5px;
  color: var(--ink-2);
  text-align: center;
}
.stages li {
  border-top: 4px solid var(--rule);
  padding-top: 4px;
}
.stages .done {
  border-color: var(--green);
  color: var(--green);
}
.stages .now {
  border-color: var(--blue);
  color: var(--blue);
  font-weight: 700;
}
.stages .stale {
  border-top-style: dashed;
  border-color: var(--brass-edge);
  color: var(--brass);
}
.next {
  font-size: 15.5px;
}
.next .fig {
  color: var(--ink-2);
  margin-right: 6px;
}
.next.bad {
  color: var(--red);
}
</style>
