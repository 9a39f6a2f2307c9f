<script setup lang="ts">
import { sideOfLimits } from '@anello/core/fit';
import { computed } from 'vue';

/** A needle over its scale: within the band a round head and green, outside an arrow to the side it is to go. */
const props = defineProps<{
  value: number;
  /** What is good enough; without one the needle turns, once for each mm. */
  band: { readonly low: number; readonly high: number } | null;
}>();
const R = 34;
const C = { x: 40, y: 40 };
/** How far the needle leans at the most, and the bounds of the band, rad. */
const LEANS = 1.2;
const BOUND = 0.4;

const middle = computed(() => (props.band ? (props.band.low + props.band.high) / 2 : 0));
const half = computed(() => (props.band ? Math.max((props.band.high - props.band.low) / 2, 1e-6) : 1));
const lean = computed(() =>
  props.band
    ? Math.max(-LEANS, Math.min(LEANS, ((props.value - middle.value) / half.value) * BOUND))
    : 2 * Math.PI * (props.value - Math.floor(props.value)),
);
const inside = computed(
  () =>
    props.band !== null &&
    sideOfLimits(props.value, { least: props.band.low, most: props.band.high }) === 'inside',
);
const at = (angle: number, r: number): string =>
  `${(C.x + r * Math.sin(angle)).toFixed(1)} ${(C.y - r * Math.cos(angle)).toFixed(1)}`;
const arc = (from: number, to: number, r: number): string =>
  `M${at(from, r)} A${r} ${r} 0 ${to - from > Math.PI ? 1 : 0} 1 ${at(to, r)}`;
/** Ten parts of the turn, or the bounds of the band. */
const ticks = Array.from({ length: 10 }, (_, i) => (2 * Math.PI * i) / 10);
const turned = computed(() => (lean.value * 180) / Math.PI);
</script>

<template>
  <svg
    :viewBox="band ? '0 0 80 48' : '0 0 80 80'"
    aria-hidden="true"
    :class="{ inside, outside: band && !inside }"
  >
    <template v-if="band">
      <path :d="arc(-LEANS, LEANS, R)" class="scale" />
      <path :d="arc(-BOUND, BOUND, R)" class="good" />
    </template>
    <template v-else>
      <circle :cx="C.x" :cy="C.y" :r="R" class="scale" />
      <path
        v-for="(a, i) in ticks"
        :key="i"
        :d="`M${at(a, R)} L${at(a, R - (i === 0 ? 9 : 5))}`"
        class="tick"
      />
    </template>
    <g :transform="`rotate(${turned} ${C.x} ${C.y})`">
      <line :x1="C.x" :x2="C.x" :y1="C.y" :y2="C.y - R + 8" class="needle" />
      <circle v-if="!band || inside" :cx="C.x" :cy="C.y - R + 6" r="5" class="head" />
      <path
        v-else
        :d="`M${C.x - 6} ${C.y - R + 11} L${C.x + 6} ${C.y - R + 11} L${C.x} ${C.y - R - 1} Z`"
        class="head"
      />
    </g>
    <circle :cx="C.x" :cy="C.y" r="4" class="hub" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
.scale {
  fill: none;
  stroke: var(--frame-2);
  stroke-width: 5;
}
.good {
  fill: none;
  stroke: #7fc79d;
  stroke-width: 6;
}
.tick {
  stroke: var(--frame-quiet);
  stroke-width: 1.6;
}
.needle {
  stroke: var(--frame-ink);
  stroke-width: 2.6;
}
.head,
.hub {
  fill: var(--frame-ink);
}
.inside .needle,
.outside .needle {
  stroke: currentColor;
}
.inside .head,
.inside .hub,
.outside .head,
.outside .hub {
  fill: currentColor;
}
.inside {
  color: #a9dfbf;
}
.outside {
  color: #f4c9a8;
}
</style>
