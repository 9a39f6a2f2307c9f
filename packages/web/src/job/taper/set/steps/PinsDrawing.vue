<script setup lang="ts">
import { length } from '@anello/core/figure';
import type { StepDrawing } from '@anello/core/setting';
import { computed } from 'vue';
import FigureText from '../../../../ui/FigureText.vue';

/** Two pins in a block, pressed against the slide's face. */
const props = defineProps<{ drawing: Extract<StepDrawing, { kind: 'pins' }> }>();
const W = 336;
const ORIGIN = { x: 50, y: 104 };
const PIN = 12;
const scale = computed(() => (W - 100) / props.drawing.x);
const second = computed(() => ({
  x: ORIGIN.x + props.drawing.x * scale.value,
  y: ORIGIN.y - Math.max(14, props.drawing.y * scale.value),
}));
const face = computed(() => {
  const { x, y } = second.value;
  const slope = (y - ORIGIN.y) / (x - ORIGIN.x);
  const lift = PIN * Math.hypot(1, slope);
  const at = (px: number): number => ORIGIN.y + slope * (px - ORIGIN.x) - lift;
  return `M10 ${at(10)}L${W - 10} ${at(W - 10)}`;
});
</script>

<template>
  <svg :viewBox="`0 0 ${W} 140`" role="img" aria-label="Two pins against the slide’s face">
    <rect x="20" :y="second.y - 26" :width="W - 40" :height="134 - second.y + 26" class="metal" rx="3" />
    <circle :cx="ORIGIN.x" :cy="ORIGIN.y" :r="PIN" class="pin" />
    <circle :cx="second.x" :cy="second.y" :r="PIN" class="pin" />
    <path :d="face" class="mark" />
  </svg>
  <figcaption>
    {{ drawing.name }}: <FigureText :figure="length(drawing.x, 0.001)" /> along,
    <FigureText :figure="length(drawing.y, 0.001)" /> across. The line is the slide’s face.
  </figcaption>
</template>

<style scoped>
.pin {
  fill: var(--field);
  stroke: var(--blue);
  stroke-width: 2;
}
</style>
