<script lang="ts">
/** Numbered over all drawings: two of them may show the handles of one curve. */
let pulls = 0;
const nextPull = (): number => ++pulls;
</script>

<script setup lang="ts">
import type { CurvePoint } from '@anello/core/curve';
import { snap } from '@anello/core/figure';
import { computed, ref } from 'vue';

/** Points of a curve to take hold of on a drawing: dragged, or moved by the arrow keys, to half millimetres; finer is typed. */
const props = defineProps<{
  points: readonly CurvePoint[];
  /** From the work to the drawing, and back. */
  to: (p: CurvePoint) => { readonly x: number; readonly y: number };
  from: (x: number, y: number) => CurvePoint;
  radius?: number;
  /** The number of the first of them in the whole curve, from 0. */
  first?: number;
}>();
/** Moves of one pull, or of one key held down, are of the same number: they are taken back together. */
const emit = defineEmits<{ move: [index: number, to: CurvePoint, pull: number] }>();
const SNAP = 0.5;
const RADIUS = 9;
/** Two handles nearer than this, of their radius, are one that nobody can take hold of: the second is moved by its figures. */
const APART = 1.2;
const radiusShown = computed(() => props.radius ?? RADIUS);
const shown = computed(() => {
  const found: { index: number; x: number; y: number }[] = [];
  props.points.forEach((point, index) => {
    const { x, y } = props.to(point);
    const last = found.at(-1);
    if (!last || Math.hypot(x - last.x, y - last.y) >= APART * radiusShown.value) found.push({ index, x, y });
  });
  return found;
});
let pull = 0;
const tell = (index: number, to: CurvePoint): void => emit('move', (props.first ?? 0) + index, to, pull);
/** What is held, and how a place on the screen is read: as the drawing stood when it was taken, since it may rescale. */
interface Hold {
  readonly index: number;
  read(event: PointerEvent): CurvePoint;
}
const held = ref<Hold | null>(null);

const snapped = ({ z, r }: CurvePoint): CurvePoint => ({
  z: Math.max(0, snap(z, SNAP)),
  r: Math.max(0, snap(r, SNAP)),
});

function take(event: PointerEvent, index: number): void {
  const circle = event.target as SVGCircleElement;
  const screen = circle.ownerSVGElement?.getScreenCTM()?.inverse();
  if (!screen) return;
  circle.setPointerCapture(event.pointerId);
  pull = nextPull();
  const [zero, right, down] = [props.from(0, 0), props.from(1, 0), props.from(0, 1)];
  held.value = {
    index,
    read({ clientX, clientY }) {
      const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(screen);
      return {
        z: zero.z + x * (right.z - zero.z) + y * (down.z - zero.z),
        r: zero.r + x * (right.r - zero.r) + y * (down.r - zero.r),
      };
    },
  };
}
function drag(event: PointerEvent): void {
  const point = props.points[held.value?.index ?? -1];
  if (!held.value || !point) return;
  const next = snapped(held.value.read(event));
  if (next.z !== point.z || next.r !== point.r) tell(held.value.index, next);
}

const ARROWS: Readonly<Record<string, CurvePoint>> = {
  ArrowLeft: { z: -SNAP, r: 0 },
  ArrowRight: { z: SNAP, r: 0 },
  ArrowUp: { z: 0, r: SNAP },
  ArrowDown: { z: 0, r: -SNAP },
};
function nudge(event: KeyboardEvent, index: number): void {
  const by = ARROWS[event.key];
  const point = props.points[index];
  if (!by || !point) return;
  event.preventDefault();
  if (!event.repeat) pull = nextPull();
  // What was typed finer than a step keeps its own fraction until it is moved.
  tell(index, { z: Math.max(0, point.z + by.z), r: Math.max(0, point.r + by.r) });
}
</script>

<template>
  <circle
    v-for="{ index, x, y } in shown"
    :key="index"
    :cx="x"
    :cy="y"
    :r="radiusShown"
    class="handle"
    tabindex="0"
    role="button"
    :aria-label="`Point ${(first ?? 0) + index + 1}: drag, or move it by the arrow keys`"
    @pointerdown="take($event, index)"
    @pointermove="drag"
    @pointerup="held = null"
    @pointercancel="held = null"
    @keydown="nudge($event, index)"
  />
</template>

<style scoped>
.handle {
  fill: var(--sheet);
  stroke: var(--brass-edge);
  stroke-width: 3;
  cursor: grab;
  touch-action: none;
  outline: none;
}
.handle:focus-visible {
  stroke: var(--blue);
  stroke-width: 5;
}
</style>
