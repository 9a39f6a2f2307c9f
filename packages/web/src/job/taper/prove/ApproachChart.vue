<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';
import type { ApproachDesk } from './useApproach';
import { usePreferences } from '../../../data/stores/preferences';
import { drawn } from '../../../drawing/dimensions';

/** Stand-off against what was fed in: the tries, the band that is right, and where the next is expected to land. */
const props = defineProps<{
  desk: ApproachDesk;
  /** Stand-off either side of the line that is right, mm. */
  allowed: number;
}>();
const preferences = usePreferences();
const W = 336;
const H = 150;
const M = { left: 46, right: 14, top: 12, bottom: 26 };

const { along } = props.desk;
const tries = computed(() =>
  props.desk.approach.value.points.map((p) => ({ fed: p.fed, seen: along(p.stock) })),
);
const next = computed(() => {
  const last = props.desk.approach.value.points.at(-1);
  const advice = props.desk.advice.value;
  if (!last || advice?.advice !== 'cut') return null;
  const { left, low, high } = advice.prediction;
  return { fed: last.fed + advice.infeed, left: along(left), low: along(low), high: along(high) };
});
const x = computed(() =>
  scaleLinear()
    .domain([0, Math.max(0.01, ...tries.value.map((t) => t.fed), next.value?.fed ?? 0)])
    .range([M.left, W - M.right]),
);
const y = computed(() => {
  const all = [...tries.value.map((t) => t.seen), next.value?.low ?? 0, props.allowed, -props.allowed];
  return scaleLinear()
    .domain([Math.min(...all), Math.max(...all)])
    .nice(4)
    .range([H - M.bottom, M.top]);
});
const path = computed(
  () =>
    line<{ fed: number; seen: number }>()
      .x((t) => x.value(t.fed))
      .y((t) => y.value(t.seen))(tries.value) ?? '',
);
const unit = computed(() => (preferences.units === 'mm' ? 'mm' : 'in'));
</script>

<template>
  <figure class="sheet chart">
    <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Stand-off against infeed">
      <rect
        :x="M.left"
        :y="y(allowed)"
        :width="W - M.left - M.right"
        :height="Math.max(1, y(-allowed) - y(allowed))"
        class="band"
      />
      <line :x1="M.left" :x2="W - M.right" :y1="y(0)" :y2="y(0)" class="zero" />
      <g v-for="tick in y.ticks(4)" :key="tick">
        <text :x="M.left - 6" :y="y(tick) + 4" text-anchor="end">{{ drawn(tick, preferences.units) }}</text>
      </g>
      <path :d="path" class="tries" />
      <circle v-for="(t, i) in tries" :key="i" :cx="x(t.fed)" :cy="y(t.seen)" r="4" class="try" />
      <g v-if="next">
        <line :x1="x(next.fed)" :x2="x(next.fed)" :y1="y(next.low)" :y2="y(next.high)" class="next" />
        <circle :cx="x(next.fed)" :cy="y(next.left)" r="4" class="next" />
      </g>
      <text :x="W - M.right" :y="H - 6" text-anchor="end">fed in, on radius</text>
      <text :x="M.left" :y="H - 6">stand-off, {{ unit }}</text>
    </svg>
    <figcaption class="quiet">
      Green: right. Dots: the tries. Upright: where nine in ten of the next would land.
    </figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
  padding: 8px 10px;
  max-width: 480px;
}
svg {
  display: block;
  width: 100%;
}
text {
  font-family: var(--figures);
  font-size: 11.5px;
  fill: var(--ink-2);
}
.band {
  fill: var(--green-wash);
}
.zero {
  stroke: var(--green);
  stroke-width: 1.2;
}
.tries {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.4;
}
.try {
  fill: var(--ink);
}
.next {
  stroke: var(--blue);
  stroke-width: 3;
  fill: var(--field);
}
figcaption {
  font-size: 13.5px;
  padding-top: 4px;
}
</style>
