<script setup lang="ts">
import { analyseSweep, fittedSweep } from '@anello/core/sweep';
import { computed, ref } from 'vue';
import SweepChart from '../taper/set/long/SweepChart.vue';
import { followsFrom } from '../taper/set/long/follows';

/** A kept sweep, drawn again as it was read. */
const props = defineProps<{
  travel: readonly number[];
  reading: readonly number[];
  expectedSlope: number;
}>();
const open = ref(false);
const PLACES = 160;
/** Only worked out once it is looked at. */
const shown = computed(() => {
  const sweep = { travel: props.travel, reading: props.reading, expectedSlope: props.expectedSlope };
  const analysis = analyseSweep(sweep);
  const [from, to] = [Math.min(...props.travel), Math.max(...props.travel)];
  const places = Array.from({ length: PLACES + 1 }, (_, i) => from + ((to - from) * i) / PLACES);
  const fitted = fittedSweep(sweep, analysis, places);
  return {
    readings: props.travel.map((at, i) => ({ at, seen: props.reading[i] as number })),
    fitted: places.map((at, i) => ({ at, seen: fitted[i] as number })),
    spikes: analysis.spikes.map(({ at }) => at),
    follows: analysis.flat ? followsFrom(places, fitted) : null,
  };
});
</script>

<template>
  <button type="button" class="plain draw" :aria-expanded="open" @click="open = !open">
    {{ open ? 'Close the drawing' : 'Draw it' }}
  </button>
  <SweepChart
    v-if="open"
    v-bind="shown"
    :left-out="[]"
    :slope="expectedSlope"
    :below="0"
    :above="0"
    :before="null"
  />
</template>

<style scoped>
.draw {
  min-height: 44px;
  margin-left: 12px;
  text-decoration: underline;
  color: var(--blue);
}
</style>
