<script setup lang="ts">
import { featureKind, type FeatureKind } from '@anello/core/part';
import { computed } from 'vue';
import { two, type Place } from './outlinePath';

/** Something cut in a part that its outline does not show. */
interface DrawnMark {
  readonly id: string;
  readonly kind: FeatureKind;
  readonly at: 'headstock' | 'tailstock';
  readonly z0: number;
  readonly z1: number;
  /** Radius it leaves, and of the outside it lies on. */
  readonly r: number;
  readonly outside: number;
}

/** Flats with their crossed lines, cross holes, centres in their faces, and the edges of corners; a tap picks one. */
const props = defineProps<{
  marks: readonly DrawnMark[];
  place: Place;
  selected?: string | null;
  /** Names by id: with them each can be picked. */
  names?: Readonly<Record<string, string>>;
}>();
const emit = defineEmits<{ pick: [id: string] }>();

/** Half of the 60° a centre is drawn with. */
const HALF_CENTRE = Math.PI / 6;
/** Drawn no smaller than this, so that it can be seen and touched. */
const LEAST = 2;

/** A flat seen from the front: as wide as the chord it leaves, crossed. */
function flat({ z0, z1, r, outside }: DrawnMark): string {
  const half = Math.sqrt(Math.max(0, outside ** 2 - r ** 2));
  const [a, b] = [two(props.place.x(z0)), two(props.place.x(z1))];
  const [top, bottom] = [two(props.place.y(half, 1)), two(props.place.y(half, -1))];
  return `M${a} ${top}H${b}V${bottom}H${a}ZM${a} ${top}L${b} ${bottom}M${a} ${bottom}L${b} ${top}`;
}

/** A cross hole seen from its mouth. */
function hole({ z0, z1 }: DrawnMark): string {
  const [a, b] = [props.place.x(z0), props.place.x(z1)];
  const rx = Math.max(LEAST, Math.abs(b - a) / 2);
  const ry = Math.max(LEAST, Math.abs(props.place.y((z1 - z0) / 2, 1) - props.place.y(0, 1)));
  const y = props.place.y(0, 1);
  const left = (a + b) / 2 - rx;
  return `M${two(left)} ${two(y)}a${two(rx)} ${two(ry)} 0 1 0 ${two(2 * rx)} 0a${two(rx)} ${two(ry)} 0 1 0 ${two(-2 * rx)} 0`;
}

/** A centre sunk in its face. */
function centre({ z0, r, at }: DrawnMark): string {
  const deep = r / Math.tan(HALF_CENTRE);
  const tip = at === 'headstock' ? z0 + deep : z0 - deep;
  const [x, top, bottom] = [props.place.x(z0), props.place.y(r, 1), props.place.y(r, -1)];
  return `M${two(x)} ${two(top)}L${two(props.place.x(tip))} ${two(props.place.y(0, 1))}L${two(x)} ${two(bottom)}`;
}

/** The edges a corner leaves, seen from the front. */
function corner({ z0, z1, at, outside }: DrawnMark): string {
  const x = two(props.place.x(at === 'headstock' ? z1 : z0));
  return `M${x} ${two(props.place.y(outside, 1))}V${two(props.place.y(outside, -1))}`;
}

const DRAWN = { flat, corner, centre, hole } as const;
const path = (mark: DrawnMark): string => DRAWN[featureKind(mark.kind).detail?.drawn ?? 'hole'](mark);
const drawn = computed(() => props.marks.map((mark) => ({ mark, d: path(mark) })));
</script>

<template>
  <g
    v-for="{ mark, d } in drawn"
    :key="mark.id"
    class="mark"
    :class="[mark.kind, { selected: mark.id === selected, pickable: names }]"
    :tabindex="names ? 0 : undefined"
    :role="names ? 'button' : undefined"
    :aria-label="names?.[mark.id]"
    :aria-pressed="names ? mark.id === selected : undefined"
    @click="emit('pick', mark.id)"
    @keydown.enter.prevent="emit('pick', mark.id)"
    @keydown.space.prevent="emit('pick', mark.id)"
  >
    <path v-if="names" :d="d" class="touch" />
    <path :d="d" class="line" />
  </g>
</template>

<style scoped>
.mark {
  outline: none;
  pointer-events: none;
}
.pickable {
  pointer-events: auto;
  cursor: pointer;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.1;
}
.cross-hole .line {
  fill: var(--sheet);
  stroke-width: 1.4;
}
.touch {
  fill: transparent;
  stroke: transparent;
  stroke-width: 12;
}
.selected .line {
  stroke: var(--blue);
  stroke-width: 2.4;
}
.mark:focus-visible .line {
  stroke: var(--brass-edge);
  stroke-width: 4;
}
</style>
