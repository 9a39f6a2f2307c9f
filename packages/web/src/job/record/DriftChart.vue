<script setup lang="ts">
import type { BatchSeries } from '@anello/core/job';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';

/** A figure along the batch: the band it may lie in, each piece, and the line it drifts along to the last of them. */
const props = defineProps<{ series: BatchSeries; quantity: number }>();
const WIDTH = 220;
const HEIGHT = 56;
const EDGE = 8;
const x = computed(() => scaleLinear([1, Math.max(2, props.quantity)], [EDGE, WIDTH - EDGE]));
const y = computed(() => {
  const { low, high, points, drift } = props.series;
  const ends = drift ? [drift.start + drift.perPiece * props.quantity] : [];
  const all = [low, high, ...points.map((p) => p.seen), ...ends];
  return scaleLinear([Math.min(...all), Math.max(...all)], [HEIGHT - EDGE, EDGE]);
});
const along = computed(() => {
  const { drift } = props.series;
  if (!drift) return '';
  const ends: [number, number][] = [1, props.quantity].map((n) => [
    x.value(n),
    y.value(drift.start + drift.perPiece * n),
  ]);
  return line()(ends) ?? '';
});
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    :width="WIDTH"
    :height="HEIGHT"
    role="img"
    :aria-label="`${series.what}: ${series.points.length} of ${quantity} pieces${series.drift ? ', drifting' : ''}`"
  >
    <rect
      class="band"
      x="0"
      :width="WIDTH"
      :y="y(series.high)"
      :height="Math.max(1, y(series.low) - y(series.high))"
    />
    <path v-if="along" class="drift" :d="along" />
    <template v-for="point in series.points" :key="point.piece">
      <circle v-if="point.inside" class="in" :cx="x(point.piece)" :cy="y(point.seen)" r="4.5" />
      <path v-else class="out" :d="`M${x(point.piece) - 5} ${y(point.seen) - 5}l10 10m0 -10l-10 10`" />
    </template>
  </svg>
</template>

<style scoped>
.band {
  fill: var(--blue-wash);
  stroke: var(--rule-2);
}
.drift {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 2;
  stroke-dasharray: 5 3;
}
.in {
  fill: var(--green);
}
.out {
  stroke: var(--red);
  stroke-width: 3;
}
</style>
