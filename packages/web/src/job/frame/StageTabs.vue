<script setup lang="ts">
import { plainText } from '@anello/core/figure';
import { STAGES, type JobProgress, type Stage } from '@anello/core/job';
import { usePreferences } from '../../data/stores/preferences';

/** The six stages in the order of the work: done, now, ahead, or made stale by a change upstream. */
defineProps<{ id: string; stage: Stage; progress: JobProgress }>();
const preferences = usePreferences();
const LABELS: Record<Stage, string> = {
  part: 'Part',
  way: 'Way',
  set: 'Set',
  cut: 'Cut',
  prove: 'Prove',
  record: 'Record',
};
</script>

<template>
  <nav class="tabs" aria-label="Stages of the work">
    <router-link
      v-for="(name, index) in STAGES"
      :key="name"
      :to="`/job/${id}/${name}`"
      class="tab"
      :class="[progress.stages[index]?.state, { stale: progress.stages[index]?.stale }]"
      :aria-current="stage === name ? 'page' : undefined"
      :title="
        progress.stages[index]?.stale
          ? plainText(progress.stages[index]!.stale!, preferences.units)
          : undefined
      "
    >
      <span class="mark" aria-hidden="true">{{
        progress.stages[index]?.stale ? '↻' : progress.stages[index]?.state === 'done' ? '✓' : index + 1
      }}</span>
      <span>{{ LABELS[name] }}</span>
      <span v-if="progress.stages[index]?.stale" class="why"
        >check again<span class="visually-hidden"
          >: {{ plainText(progress.stages[index]!.stale!, preferences.units) }}</span
        ></span
      >
      <span v-else-if="progress.stages[index]?.state === 'now'" class="why">now</span>
      <span v-else-if="progress.stages[index]?.state === 'done'" class="visually-hidden">done</span>
    </router-link>
  </nav>
</template>

<style scoped>
.tabs {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  background: var(--paper-2);
  border-bottom: 1px solid var(--rule);
}
.tab {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 48px;
  padding: 0 16px;
  text-decoration: none;
  font-weight: 650;
  color: var(--ink-2);
  border-right: 1px solid var(--rule);
  border-bottom: 3px solid transparent;
  min-width: 0;
}
.tab:last-child {
  border-right: 0;
}
.mark {
  font-family: var(--figures);
  font-size: 14px;
  min-width: 14px;
  text-align: center;
}
.done {
  color: var(--green);
}
.now {
  color: var(--ink);
}
.stale {
  color: var(--brass);
}
.tab[aria-current] {
  color: var(--blue);
  background: var(--sheet);
  border-bottom-color: var(--blue);
}
.why {
  margin-left: auto;
  font-weight: 500;
  font-size: 14px;
  white-space: nowrap;
}
@media (max-width: 1000px) {
  .tab {
    padding: 0 10px;
  }
  .why {
    display: none;
  }
}
@media (max-width: 560px) {
  .tab {
    flex-direction: column;
    justify-content: center;
    gap: 0;
    padding: 2px;
    font-size: 14px;
  }
}
</style>
