<script setup lang="ts">
import type { CurvePoint, OutOfReach, Piece } from '@anello/core/curve';
import type { Member } from '@anello/core/taper';
import { useElementSize } from '@vueuse/core';
import { line as d3Line } from 'd3-shape';
import { computed, ref } from 'vue';
import { curveLine } from './curveLine';
import DragHandles from './DragHandles.vue';

/** A curve enlarged on the axis, what a tool cannot reach marked on it, and handles to take its points by. */
const props = defineProps<{
  pieces: readonly Piece[];
  /** In a bore the metal lies outside the curve. */
  member?: Member;
  /** Another line beside it: where the nose's centre goes, or the mate. */
  path?: readonly CurvePoint[];
  /** Handles to drag, z and radius. */
  points?: readonly CurvePoint[];
  /** The number of the first handle's point, from 0. */
  first?: number;
  missed?: readonly OutOfReach[];
  /** Measured places, and how far off each is: drawn as needles many times too long. */
  needles?: readonly { readonly at: CurvePoint; readonly off: number }[];
  label: string;
}>();
const emit = defineEmits<{
  move: [index: number, to: CurvePoint, pull: number];
  /** Somebody tapped at this distance along. */
  show: [z: number];
}>();
const box = ref<HTMLElement | null>(null);
const { width: measured } = useElementSize(box);
const W = computed(() => Math.max(300, measured.value || 600));
/** Room round the curve, and above it for the needles. */
const M = 26;
const TOP = 52;
/** Of the metal outside a bore this much is drawn. */
const WALL = 30;
const line = computed(() => curveLine(props.pieces));
const span = computed(() => ({
  from: Math.min(...line.value.map((p) => p.z)),
  to: Math.max(...line.value.map((p) => p.z)),
  most: Math.max(1, ...line.value.map((p) => p.r)),
}));
const scale = computed(() =>
  Math.min((W.value - 2 * M) / Math.max(1e-6, span.value.to - span.value.from), 190 / span.value.most),
);
const H = computed(() => span.value.most * scale.value + TOP + 14);
const x = (z: number): number => M + (z - span.value.from) * scale.value;
const y = (r: number): number => TOP + (span.value.most - r) * scale.value;
const drawn = d3Line<CurvePoint>()
  .x((p) => x(p.z))
  .y((p) => y(p.r))
  .digits(2);
const drawnPath = (points: readonly CurvePoint[]): string => drawn(points) ?? '';
const body = computed(() => {
  const back = props.member === 'internal' ? TOP - WALL : y(0);
  return `${drawnPath(line.value)}L${x(span.value.to)} ${back}L${x(span.value.from)} ${back}Z`;
});
const stretch = (one: OutOfReach): string =>
  drawnPath(line.value.filter((p) => p.z >= one.from - 0.2 && p.z <= one.to + 0.2));
/** The longest needle, on the screen. */
const LONG = 44;
const perOff = computed(() => LONG / Math.max(1e-6, ...(props.needles ?? []).map((n) => Math.abs(n.off))));
const needles = computed(() =>
  (props.needles ?? []).map((n) => ({
    x: x(n.at.z),
    y: y(n.at.r),
    to: y(n.at.r) - n.off * perOff.value,
    over: n.off > 0,
  })),
);

function tapped(event: MouseEvent): void {
  const screen = (event.target as SVGPathElement).getScreenCTM()?.inverse();
  if (screen) emit('show', from(new DOMPoint(event.clientX, event.clientY).matrixTransform(screen).x, 0).z);
}
const to = (p: CurvePoint): { x: number; y: number } => ({ x: x(p.z), y: y(p.r) });
const from = (atX: number, atY: number): CurvePoint => ({
  z: span.value.from + (atX - M) / scale.value,
  r: span.value.most - (atY - TOP) / scale.value,
});
</script>

<template>
  <div ref="box" class="curve sheet">
    <svg :viewBox="`0 0 ${W} ${H}`" :height="H" width="100%" role="group" :aria-label="label">
      <path :d="body" class="body" @click="tapped" />
      <path :d="drawnPath(line)" class="edge" />
      <path v-if="props.path?.length" :d="drawnPath(props.path)" class="beside" />
      <path v-for="(one, index) in missed ?? []" :key="index" :d="stretch(one)" class="missed" />
      <line
        v-for="(n, index) in needles"
        :key="`n${index}`"
        :x1="n.x"
        :x2="n.x"
        :y1="n.y"
        :y2="n.to"
        class="needle"
        :class="{ over: n.over }"
      />
      <line :x1="4" :x2="W - 4" :y1="y(0)" :y2="y(0)" class="axis" />
      <DragHandles
        v-if="points"
        :points="points"
        :first="first ?? 0"
        :to="to"
        :from="from"
        @move="(index, at, pull) => emit('move', index, at, pull)"
      />
    </svg>
  </div>
</template>

<style scoped>
.curve {
  overflow: hidden;
}
svg {
  display: block;
}
.body {
  fill: var(--stock);
}
.edge {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2.4;
}
.beside {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 1.6;
  stroke-dasharray: 7 4;
}
.missed {
  fill: none;
  stroke: var(--red);
  stroke-width: 6;
  opacity: 0.75;
}
.needle {
  stroke: var(--green);
  stroke-width: 2.4;
}
.needle.over {
  stroke: var(--red);
}
.axis {
  stroke: var(--centre);
  stroke-dasharray: 16 4 3 4;
}
</style>
