<script setup lang="ts">
import { figureParts, type Figure } from '@anello/core/figure';
import { computed } from 'vue';
import { usePreferences } from '../data/stores/preferences';

/** A figure as the eye reads it: the number in the figures' face, the unit small beside it. */
const props = defineProps<{ figure: Figure; other?: boolean; large?: boolean }>();
const preferences = usePreferences();
const parts = computed(() => {
  if (!props.other) return figureParts(props.figure, preferences.units);
  const { system, ...free } = props.figure;
  const shownIn = system ?? preferences.units;
  return figureParts(free, shownIn === 'mm' ? 'inch' : 'mm');
});
</script>

<template>
  <span class="fig" :class="{ large }"
    >{{ parts.text }}<span v-if="parts.unit && !figure.bare" class="unit">&nbsp;{{ parts.unit }}</span></span
  >
</template>

<style scoped>
.unit {
  font-size: 0.92em;
}
.large .unit {
  font-family: var(--words);
  font-size: 0.42em;
  letter-spacing: 0;
  color: var(--ink-2);
}
</style>
