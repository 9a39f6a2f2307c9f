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
const unit = computed(() => (props.figure.bare ? '' : parts.value.unit));
</script>

<template>
  <span class="fig" :class="{ large, measured: unit }"
    >{{ parts.text }}<span v-if="unit" class="unit">&nbsp;{{ unit }}</span></span
  >
</template>

<style scoped>
/* In a sentence a figure stands as far from the next word as its number from its unit: the space of words is half as wide. */
.measured {
  margin-inline-end: 0.1em;
}
.unit {
  font-size: 0.92em;
  word-spacing: -0.24em;
}
.large {
  margin-inline-end: 0;
}
.large .unit {
  font-family: var(--words);
  font-size: 0.42em;
  letter-spacing: 0;
  word-spacing: 0;
  color: var(--ink-2);
}
</style>
