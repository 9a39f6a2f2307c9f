<script setup lang="ts">
import type { Joint } from '@anello/core/curve';
import { formatFigure, length } from '@anello/core/figure';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { computed } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import { drawn } from '../../drawing/dimensions';

/** The gap along a joint: as measured, against the clearance wanted, and where metal touches metal. */
const props = defineProps<{ joint: Joint; clearance: number }>();
const preferences = usePreferences();
const W = 560;
const H = 198;
const M = { left: 58, right: 16, top: 16, bottom: 40 };
const x = computed(() =>
  scaleLinear()
    .domain([props.joint.places[0]?.z ?? 0, props.joint.places.at(-1)?.z ?? 1])
    .range([M.left, W - M.right]),
);
const y = computed(() =>
  scaleLinear()
    .domain([Math.min(0, props.joint.least.gap), Math.max(props.clearance * 1.2, props.joint.most.gap)])
    .nice(4)
    .range([H - M.bottom, M.top]),
);
const path = computed(
  () =>
    line<Joint['places'][number]>()
      .x((p) => x.value(p.z))
      .y((p) => y.value(p.gap))
      .digits(2)([...props.joint.places]) ?? '',
);
const unit = computed(() => (preferences.units === 'mm' ? 'mm' : 'in'));
const said = computed(
  () =>
    `The gap along the joint, from ${formatFigure(length(props.joint.least.gap, 0.001), preferences.units)} to ${formatFigure(length(props.joint.most.gap, 0.001), preferences.units)}`,
);
</script>

<template>
  <figure class="sheet">
    <svg :viewBox="`0 0 ${W} ${H}`" role="img" :aria-label="said">
      <rect
        v-if="joint.least.gap < 0"
        :x="M.left"
        :y="y(0)"
        :width="W - M.left - M.right"
        :height="y(joint.least.gap) - y(0)"
        class="touching"
      />
      <g v-for="tick in y.ticks(4)" :key="tick">
        <line :x1="M.left" :x2="W - M.right" :y1="y(tick)" :y2="y(tick)" class="rule" />
        <text :x="M.left - 6" :y="y(tick) + 4" text-anchor="end">{{ drawn(tick, preferences.units) }}</text>
      </g>
      <line :x1="M.left" :x2="W - M.right" :y1="y(clearance)" :y2="y(clearance)" class="wanted" />
      <path :d="path" class="gap" />
      <circle :cx="x(joint.least.z)" :cy="y(joint.least.gap)" r="6" class="least" />
      <text v-for="tick in x.ticks(6)" :key="`x${tick}`" :x="x(tick)" :y="H - 20" text-anchor="middle">
        {{ drawn(tick, preferences.units) }}
      </text>
      <text :x="W - M.right" :y="H - 5" text-anchor="end">along, {{ unit }}</text>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  max-width: 720px;
}
svg {
  display: block;
  width: 100%;
}
text {
  fill: var(--ink-2);
  font-size: 12px;
}
.rule {
  stroke: var(--rule);
}
.wanted {
  stroke: var(--green);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}
.gap {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2.6;
}
.touching {
  fill: var(--red);
  opacity: 0.14;
}
.least {
  fill: var(--sheet);
  stroke: var(--red);
  stroke-width: 3;
}
</style>
