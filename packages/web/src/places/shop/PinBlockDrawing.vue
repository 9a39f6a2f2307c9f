<script setup lang="ts">
import type { PinBlockDesign, PinBlockWish } from '@anello/core/kit';
import { computed } from 'vue';

/** The block to scale, its holes numbered as in the table. */
const props = defineProps<{ wish: PinBlockWish; design: PinBlockDesign }>();
const MARGIN = 4;
const holes = computed(() => [
  { x: 0, y: 0, label: '0', bad: false },
  ...props.design.holes.map((h, i) => ({
    x: h.x,
    y: h.y,
    label: String(i + 1),
    bad: h.breaksInto.length > 0,
  })),
]);
const x = (along: number): number => props.design.origin.x + along;
const y = (across: number): number => props.wish.height - props.design.origin.y - across;
</script>

<template>
  <svg
    :viewBox="`${-MARGIN} ${-MARGIN} ${wish.width + 2 * MARGIN} ${wish.height + 2 * MARGIN}`"
    role="img"
    aria-label="The pin block, to scale"
  >
    <rect x="0" y="0" :width="wish.width" :height="wish.height" class="block" rx="0.6" />
    <line
      v-for="hole in holes.slice(1)"
      :key="`to ${hole.label}`"
      :x1="x(0)"
      :y1="y(0)"
      :x2="x(hole.x)"
      :y2="y(hole.y)"
      class="slope"
    />
    <g v-for="hole in holes" :key="hole.label">
      <circle
        :cx="x(hole.x)"
        :cy="y(hole.y)"
        :r="wish.holeDiameter / 2"
        class="hole"
        :class="{ bad: hole.bad }"
      />
      <text :x="x(hole.x)" :y="y(hole.y) + 1.2" text-anchor="middle">{{ hole.label }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-height: 300px;
}
.block {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 0.4;
}
.hole {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 0.4;
}
.hole.bad {
  stroke: var(--red);
  stroke-width: 0.8;
}
.slope {
  stroke: var(--blue);
  stroke-width: 0.35;
}
text {
  font-family: var(--figures);
  font-size: 3.4px;
  fill: var(--ink);
}
</style>
