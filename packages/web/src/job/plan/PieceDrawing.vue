<script setup lang="ts">
import type { HoldingSaid } from '@anello/core/plan';
import { computed } from 'vue';
import DetailMarks from '../../drawing/DetailMarks.vue';
import { wholePath } from '../../drawing/outlinePath';

/** The piece in a holding: what it comes as, what is taken off, what stands after, and how it is held. */
const props = defineProps<{ held: HoldingSaid; wide?: boolean }>();

/** In a holding's card, or as wide as the screen. */
const WIDTH = props.wide ? 1100 : 320;
const HEIGHT = props.wide ? 170 : 132;
const LEFT = 34;
const RIGHT = 30;
const MIDDLE = HEIGHT / 2;
const JAW = 16;
type Points = readonly { readonly z: number; readonly r: number }[];

const holding = computed(() => props.held.holding);
const turned = computed(() => holding.value.toward === 'headstock');
const ends = computed(() => {
  const z = props.held.before.outer.map((p) => p.z);
  const { grips } = holding.value;
  // Bar that goes on behind the jaws is drawn only as far as they hold.
  const low = grips && !turned.value ? Math.max(Math.min(...z), grips.from - SOME) : Math.min(...z);
  const high = grips && turned.value ? Math.min(Math.max(...z), grips.to + SOME) : Math.max(...z);
  return { low, high };
});
const SOME = 4;
const largest = computed(() => Math.max(...props.held.before.outer.map((p) => p.r)));
const scale = computed(() =>
  Math.min(
    (WIDTH - LEFT - RIGHT) / Math.max(1, ends.value.high - ends.value.low),
    (HEIGHT - 2 * JAW - 8) / (2 * Math.max(1, largest.value)),
  ),
);
/** As wide as the screen it stands in the middle, where the eye is. */
const left0 = computed(() =>
  props.wide ? Math.max(LEFT, (WIDTH - (ends.value.high - ends.value.low) * scale.value) / 2) : LEFT,
);
const x = (z: number): number => {
  const along = turned.value ? ends.value.high - z : z - ends.value.low;
  return left0.value + Math.max(0, along) * scale.value;
};
const y = (r: number, side: 1 | -1): number => MIDDLE - side * r * scale.value;
const whole = (points: Points): string =>
  points.length === 0 ? '' : wholePath({ points, offset: 0 }, { x, y });

/** Each hole by itself: between two of them the piece is solid, and nothing is drawn. */
function holes(points: Points): Points[] {
  const found: { z: number; r: number }[][] = [];
  points.forEach((point, i) => {
    const before = points[i - 1];
    const solid = before !== undefined && before.r === 0 && point.r === 0;
    if (!before || solid) found.push([]);
    found.at(-1)?.push(point);
  });
  return found.filter((run) => run.some((p) => p.r > 0));
}
const taken = computed(() => whole(props.held.before.outer));
const left = computed(() => whole(props.held.after.outer));
const hole = computed(() => holes(props.held.after.inner).map(whole).join(''));
const gripped = computed(() => {
  const { grips } = holding.value;
  if (!grips) return null;
  const [a, b] = [x(grips.from), x(grips.to)];
  return { x: Math.min(a, b), width: Math.abs(b - a), r: radiusOver(grips) };
});
/** Shorter than this is arithmetic. */
const DUST = 1e-6;
/** The largest radius between two places, where a corner lies or the outline passes over them. */
function radiusOver({ from, to }: { readonly from: number; readonly to: number }): number {
  const { outer } = props.held.before;
  const over = outer.flatMap((p, i) => {
    const next = outer[i + 1];
    return next && next.z > from + DUST && p.z < to - DUST ? [Math.max(p.r, next.r)] : [];
  });
  return over.length > 0 ? Math.max(...over) : largest.value;
}
/** A drawbar comes through the spindle into the thread that it pulls by. */
const drawbar = computed(() => {
  const { drawbar: thread } = props.held;
  return thread && { r: thread.r, to: Math.max(x(thread.from), x(thread.to)) };
});
const socket = computed(() => props.held.drawn === 'socket');
const free = computed(() => x(turned.value ? ends.value.low : ends.value.high));
const start = computed(() => x(turned.value ? ends.value.high : ends.value.low));
/** A centre stands at the free end, at the spindle's, or at both. */
const atFree = computed(() => props.held.centres.includes(holding.value.toward));
const atSpindle = computed(() => props.held.centres.length > (atFree.value ? 1 : 0));
const triangle = (at: number, way: 1 | -1): string =>
  `M${at} ${MIDDLE}L${at + way * 22} ${MIDDLE - 9}V${MIDDLE + 9}Z`;
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    :class="{ wide }"
    role="img"
    :aria-label="`${held.name}, the ${holding.toward} end free`"
  >
    <rect v-if="gripped" class="spindle" x="0" :y="MIDDLE - 40" :width="gripped.x + 2" height="80" />
    <!-- Held by its own taper it sits in the spindle: nothing closes on it. -->
    <rect
      v-if="gripped && socket"
      class="jaw"
      x="14"
      :y="y(gripped.r, 1) - JAW"
      :width="gripped.x + gripped.width - 14"
      :height="2 * (MIDDLE - y(gripped.r, 1) + JAW)"
    />
    <path class="taken" :d="taken" />
    <path class="left" :d="left" />
    <path v-if="hole" class="hole" :d="hole" />
    <DetailMarks :marks="held.after.marks" :place="{ x, y }" />
    <template v-if="gripped && !socket">
      <rect class="jaw" :x="gripped.x" :y="y(gripped.r, 1) - JAW" :width="gripped.width" :height="JAW" />
      <rect class="jaw" :x="gripped.x" :y="y(gripped.r, -1)" :width="gripped.width" :height="JAW" />
    </template>
    <rect
      v-if="drawbar"
      class="drawbar"
      x="0"
      :y="y(drawbar.r, 1)"
      :width="drawbar.to"
      :height="y(drawbar.r, -1) - y(drawbar.r, 1)"
    />
    <path v-if="held.drawn === 'bar'" class="bar" :d="`M${start - 14} ${MIDDLE}H${free + 14}`" />
    <path v-if="atFree" class="centre" :d="triangle(free - 3, 1)" />
    <path v-if="atSpindle" class="centre" :d="triangle(start + 3, -1)" />
    <path class="axis" :d="`M0 ${MIDDLE}H${WIDTH}`" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 420px;
  display: block;
}
svg.wide {
  max-width: none;
  max-height: 170px;
}
.spindle {
  fill: var(--rule);
}
.taken {
  fill: var(--brass-wash);
  stroke: var(--brass-edge);
  stroke-width: 1;
  stroke-dasharray: 4 3;
}
.left {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-linejoin: round;
}
.hole {
  fill: var(--sheet);
  stroke: var(--blue);
  stroke-width: 1.2;
}
.jaw {
  fill: var(--ink-2);
}
.bar {
  stroke: var(--ink-2);
  stroke-width: 7;
}
.drawbar {
  fill: var(--ink-2);
  opacity: 0.8;
}
.centre {
  fill: var(--ink-2);
}
.axis {
  stroke: var(--red);
  stroke-width: 0.8;
  stroke-dasharray: 9 3 2 3;
}
</style>
