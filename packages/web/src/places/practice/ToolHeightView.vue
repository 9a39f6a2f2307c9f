<script setup lang="ts">
import { computed } from 'vue';
import { two } from '../../drawing/outlinePath';

/** From the tailstock: the work, the edge, and a rule nipped between them, whose lean tells the height. */
const props = defineProps<{
  /** Its head over upright, toward the operator, rad. */
  leans: number;
}>();
/** A degree is hardly seen: the lean is drawn so many times as large. */
const LARGER = 6;
const R = 44;
const C = { x: 60, y: 62 };
const MOST = 0.9;
const lean = computed(() => Math.max(-MOST, Math.min(MOST, LARGER * props.leans)));
const edge = computed(() => ({
  x: C.x + (R + 4) * Math.cos(lean.value),
  y: C.y - (R + 4) * Math.sin(lean.value),
}));
const degrees = computed(() => (-lean.value * 180) / Math.PI);
const words = computed(() =>
  Math.abs(props.leans) < 1e-9
    ? 'The rule stands upright: the edge is at centre height.'
    : `The rule leans ${props.leans > 0 ? 'its head toward the work: the edge is above centre' : 'its head away from the work: the edge is below centre'}.`,
);
</script>

<template>
  <svg viewBox="0 0 170 124" role="img" :aria-label="words">
    <circle :cx="C.x" :cy="C.y" :r="R" class="stock" />
    <path :d="`M${C.x - R - 8} ${C.y} H166`" class="axis" />
    <g :transform="`translate(${two(edge.x)} ${two(edge.y)})`">
      <rect x="-2" y="-40" width="4" height="80" class="rule" :transform="`rotate(${two(degrees)})`" />
      <path d="M3 0 L60 -8 V14 L14 14 Z" class="tool" />
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 170px;
  max-width: 100%;
}
.stock {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.axis {
  stroke: var(--centre);
  stroke-dasharray: 10 4 2 4;
}
.rule {
  fill: var(--brass-edge);
}
.tool {
  fill: var(--ink);
}
</style>
