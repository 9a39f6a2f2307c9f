<script setup lang="ts">
import type { AnelloError } from '@anello/core/basics';
import type { Shoulder } from '@anello/core/cutting';
import { length, plainText } from '@anello/core/figure';
import type { CutDesk } from './useCut';
import FigureText from '../../ui/FigureText.vue';
import { usePreferences } from '../../data/stores/preferences';

/** Parallel cuts that take the bulk off before the taper is set: dial, and how far the carriage runs. */
defineProps<{
  desk: CutDesk;
  stairs: { steps: readonly Shoulder[]; error: AnelloError | null };
  external: boolean;
}>();
const preferences = usePreferences();
</script>

<template>
  <details class="stairs sheet">
    <summary>
      {{ external ? 'Shoulders first' : 'Steps first'
      }}{{ stairs.steps.length ? `, ${stairs.steps.length} cuts` : '' }}
    </summary>
    <p v-if="stairs.error" class="bad">{{ plainText(stairs.error.phrase, preferences.units) }}</p>
    <p v-else-if="stairs.steps.length === 0" class="quiet">The stock is too near the cone for steps.</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">Cut</th>
          <th scope="col">Dial to</th>
          <th scope="col">Diameter</th>
          <th scope="col">{{ external ? 'From the small end' : 'From the mouth' }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(step, index) in stairs.steps" :key="step.dial">
          <th scope="row">{{ index + 1 }}</th>
          <td><FigureText :figure="desk.dialFigure(step.dial)" /></td>
          <td><FigureText :figure="length(step.diameter, 0.01)" /></td>
          <td><FigureText :figure="length(step.along, 0.1)" /></td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">
      Parallel cuts under power, before the taper is set. Each corner stays the allowance clear of the
      finished cone. Drawn on the strip.
    </p>
  </details>
</template>

<style scoped>
.stairs {
  padding: 10px 14px;
}
summary {
  min-height: 44px;
  font-weight: 650;
  cursor: pointer;
  display: list-item;
  line-height: 44px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: right;
  padding: 4px 8px;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
}
thead th {
  color: var(--ink-2);
  font-size: 14px;
  font-weight: 600;
}
.bad {
  color: var(--red);
  font-weight: 600;
}
</style>
