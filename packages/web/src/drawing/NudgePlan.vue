<script setup lang="ts">
import type { NudgeMove } from '@anello/core/setting';
import { computed } from 'vue';

/** The lathe from above with what is to be moved and the way it goes: headstock left, the operator below. */
const props = defineProps<{ move: NudgeMove }>();
const AXIS = 62;
const BAR = 24;
/** The moved place, and the way it moves, -1 away from the operator, 1 toward. */
const at = computed(() => {
  const { move } = props;
  if (move.device === 'attachment')
    return { x: move.end === 'headstock' ? 84 : 236, y: BAR, way: move.toward === 'operator' ? 1 : -1 };
  if (move.device === 'tailstock') return { x: 272, y: AXIS, way: move.toward === 'operator' ? 1 : -1 };
  // Steeper: the slide's end toward the cone's large end swings out toward the operator.
  const left = move.largeEnd === 'headstock';
  return { x: left ? 122 : 206, y: 104, way: move.steeper ? 1 : -1 };
});
const REACH = 17;
const arrow = computed(
  () => `M${at.value.x} ${at.value.y - REACH * at.value.way}V${at.value.y + REACH * at.value.way}`,
);
const head = computed(() => {
  const { x, y, way } = at.value;
  return `M${x - 8} ${y + (REACH - 4) * way}L${x} ${y + (REACH + 9) * way}L${x + 8} ${y + (REACH - 4) * way}Z`;
});
const words = computed(() => (at.value.way > 0 ? 'toward you' : 'away from you'));
</script>

<template>
  <svg viewBox="0 0 336 156" role="img" :aria-label="`Seen from above: ${words}`">
    <rect x="4" y="38" width="48" height="48" rx="4" class="metal" />
    <rect
      x="262"
      y="44"
      width="62"
      height="36"
      rx="4"
      class="metal"
      :class="{ moved: move.device === 'tailstock' }"
    />
    <path d="M52 50H132V74H52Z" class="metal" />
    <line x1="2" :y1="AXIS" x2="334" :y2="AXIS" class="axis" />
    <template v-if="move.device === 'attachment'">
      <rect x="72" :y="BAR - 7" width="176" height="14" rx="4" class="moved" />
      <circle cx="160" :cy="BAR" r="4" class="pivot" />
    </template>
    <template v-if="move.device === 'compound'">
      <rect x="112" y="92" width="104" height="24" rx="4" class="moved" />
      <circle cx="164" cy="104" r="4" class="pivot" />
    </template>
    <path :d="arrow" class="arrow" />
    <path :d="head" class="head" />
    <text x="6" y="150">you stand here</text>
    <text x="330" y="150" text-anchor="end" class="said">{{ words }}</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 380px;
}
.metal {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 1.3;
}
.moved {
  fill: var(--blue-wash);
  stroke: var(--blue);
  stroke-width: 1.6;
}
.pivot {
  fill: var(--sheet);
  stroke: var(--ink);
}
.axis {
  stroke: var(--centre);
  stroke-dasharray: 14 4 3 4;
}
.arrow {
  stroke: var(--brass-edge);
  stroke-width: 4;
  fill: none;
}
.head {
  fill: var(--brass-edge);
}
text {
  font-family: var(--words);
  font-size: 14px;
  fill: var(--ink-2);
}
.said {
  font-weight: 700;
  fill: var(--brass);
}
</style>
