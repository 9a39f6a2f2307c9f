<script setup lang="ts">
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import { two } from '../../drawing/outlinePath';
import FigureText from '../../ui/FigureText.vue';

/** A lever indicator over its scale: two tenths either way, and the figure beside it. */
const props = defineProps<{ value: number; compact?: boolean }>();
const REACH = 0.2;
const MOST = 1.25;
const R = 84;
const C = { x: 110, y: 100 };
const lean = computed(() => Math.max(-MOST, Math.min(MOST, (props.value / REACH) * MOST)));
const off = computed(() => Math.abs(props.value) > REACH);
const at = (a: number, r: number): string => `${two(C.x + r * Math.sin(a))} ${two(C.y - r * Math.cos(a))}`;
const MARKS = Array.from({ length: 9 }, (_, i) => -MOST + (i * MOST) / 4);
</script>

<template>
  <div class="needle">
    <svg viewBox="0 0 220 112" aria-hidden="true">
      <path :d="`M${at(-MOST, R)} A${R} ${R} 0 0 1 ${at(MOST, R)}`" class="scale" />
      <path
        v-for="(a, i) in MARKS"
        :key="i"
        :d="`M${at(a, R)} L${at(a, R - (i % 4 ? 8 : 13))}`"
        class="mark"
      />
      <line
        :x1="C.x"
        :y1="C.y"
        :x2="C.x + (R - 12) * Math.sin(lean)"
        :y2="C.y - (R - 12) * Math.cos(lean)"
        class="hand"
      />
      <circle :cx="C.x" :cy="C.y" r="5" class="hub" />
    </svg>
    <p class="figure" :class="{ off, compact }">
      <FigureText :figure="length(value, 0.001, { signed: true })" large />
    </p>
  </div>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 260px;
  display: block;
  margin: 0 auto;
}
.scale {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 2;
}
.mark {
  stroke: var(--ink-2);
  stroke-width: 1.6;
}
.hand {
  stroke: var(--red);
  stroke-width: 3;
}
.hub {
  fill: var(--ink);
}
.figure {
  font-size: 40px;
  line-height: 1.1;
}
.compact {
  font-size: 24px;
  white-space: nowrap;
}
.off {
  color: var(--brass);
}
</style>
