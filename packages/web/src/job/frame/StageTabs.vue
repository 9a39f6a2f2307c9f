<script setup lang="ts">
import { plainText } from '@anello/core/figure';
import type { StageState } from '@anello/core/job';
import type { View } from '../model/kind';
import { usePreferences } from '../../data/stores/preferences';

/** The job's own views, and between them the steps of what is in hand: done, now, ahead, or stale by a change upstream. */
const props = defineProps<{
  tabs: readonly { readonly view: View; readonly to: string }[];
  stage: View;
  stages: readonly StageState[];
}>();
const stateOf = (view: View): StageState | undefined => props.stages.find((s) => s.stage === view);
const preferences = usePreferences();
const LABELS: Record<View, string> = {
  part: 'Part',
  plan: 'Plan',
  work: 'Work',
  way: 'Way',
  set: 'Set',
  cut: 'Cut',
  prove: 'Prove',
  record: 'Record',
};
</script>

<template>
  <nav class="tabs" :style="{ '--tabs': tabs.length }" aria-label="Stages of the work">
    <router-link
      v-for="({ view: name, to }, index) in tabs"
      :key="name"
      :to="to"
      class="tab"
      :class="[stateOf(name)?.state, { stale: stateOf(name)?.stale }]"
      :aria-current="stage === name ? 'page' : undefined"
      :title="stateOf(name)?.stale ? plainText(stateOf(name)!.stale!, preferences.units) : undefined"
    >
      <span class="mark" aria-hidden="true">{{
        stateOf(name)?.stale ? '↻' : stateOf(name)?.state === 'done' ? '✓' : index + 1
      }}</span>
      <span>{{ LABELS[name] }}</span>
      <span v-if="stateOf(name)?.stale" class="why"
        >check again<span class="visually-hidden"
          >: {{ plainText(stateOf(name)!.stale!, preferences.units) }}</span
        ></span
      >
      <span v-else-if="stateOf(name)?.state === 'now'" class="why">now</span>
      <span v-else-if="stateOf(name)?.state === 'done'" class="visually-hidden">done</span>
    </router-link>
  </nav>
</template>

<style scoped>
.tabs {
  display: grid;
  grid-template-columns: repeat(var(--tabs), minmax(0, 1fr));
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
