<script setup lang="ts">
import { scaleLinear, scaleTime } from 'd3-scale';
import { computed } from 'vue';
import type { LikenessFigure } from './likenessWords';

/** A figure of a lathe over time: each job a dot, the mean a line, its scatter a band. */
const props = defineProps<{ figure: LikenessFigure; label: string }>();
const WIDTH = 420;
const HEIGHT = 76;
const PAD = 10;
const values = computed(() => {
  const { points, mean, scatter } = props.figure;
  return [...points.map((p) => p.value), mean - (scatter ?? 0), mean + (scatter ?? 0)];
});
const x = computed(() => {
  const times = props.figure.points.map((p) => Date.parse(p.at));
  return scaleTime([Math.min(...times), Math.max(...times)], [PAD, WIDTH - PAD]);
});
const y = computed(() => {
  const [low, high] = [Math.min(...values.value), Math.max(...values.value)];
  const room = (high - low || Math.abs(high) || 1) * 0.1;
  return scaleLinear([low - room, high + room], [HEIGHT - PAD, PAD]);
});
const band = computed(() => {
  const { mean, scatter } = props.figure;
  if (scatter === null) return null;
  const top = y.value(mean + scatter);
  return { top, height: y.value(mean - scatter) - top };
});
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <rect v-if="band" x="0" :y="band.top" :width="WIDTH" :height="band.height" class="band" />
    <line x1="0" :x2="WIDTH" :y1="y(figure.mean)" :y2="y(figure.mean)" class="mean" />
    <circle
      v-for="point in figure.points"
      :key="`${point.jobId}-${point.at}`"
      :cx="x(new Date(point.at))"
      :cy="y(point.value)"
      r="5"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 460px;
}
.band {
  fill: var(--blue);
  opacity: 0.12;
}
.mean {
  stroke: var(--blue);
  stroke-width: 1.5;
}
circle {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}
</style>
