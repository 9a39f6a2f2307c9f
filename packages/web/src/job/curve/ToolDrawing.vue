<script setup lang="ts">
import type { CurvePoint } from '@anello/core/curve';
import { line } from 'd3-shape';
import { computed } from 'vue';

/** A form tool as it is made, its cutting edge upward, a disc from its middle out. */
const props = defineProps<{ outline: readonly CurvePoint[]; disc: boolean }>();
const W = 520;
const MOST = 190;
const M = 18;
const most = computed(() => ({
  z: Math.max(1e-6, ...props.outline.map((p) => p.z)),
  r: Math.max(1e-6, ...props.outline.map((p) => p.r)),
}));
/** Of a disc only the rim is drawn, or the grooves in it would be lost. */
const from = computed(() => {
  if (!props.disc) return 0;
  const rim = Math.min(...props.outline.filter((p) => p.r > 0).map((p) => p.r));
  return Math.max(0, rim - most.value.z * 0.3);
});
const scale = computed(() => Math.min((W - 2 * M) / most.value.z, MOST / (most.value.r - from.value)));
const H = computed(() => (most.value.r - from.value) * scale.value + 2 * M);
const x = (z: number): number => W / 2 + (z - most.value.z / 2) * scale.value;
const y = (r: number): number => M + (most.value.r - Math.max(r, from.value)) * scale.value;
const drawn = line<CurvePoint>()
  .x((p) => x(p.z))
  .y((p) => y(p.r))
  .digits(2);
const body = computed(() => `${drawn(props.outline) ?? ''}Z`);
const edge = computed(() => drawn(props.outline.slice(1, -1)) ?? '');
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    role="img"
    :aria-label="disc ? 'The rim of the disc in section' : 'The tool from above'"
  >
    <path :d="body" class="metal" />
    <path :d="edge" class="edge" />
    <line v-if="disc" :x1="M" :x2="W - M" :y1="H - M + 6" :y2="H - M + 6" class="axis" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 520px;
}
.metal {
  fill: var(--steel, var(--stock));
  stroke: var(--rule-2);
}
.edge {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2.6;
}
.axis {
  stroke: var(--centre);
  stroke-dasharray: 16 4 3 4;
}
</style>
