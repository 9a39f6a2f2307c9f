<script setup lang="ts">
import { scaleLinear } from 'd3-scale';
import type { TermTaken } from '@anello/core/sweep';
import { area, line } from 'd3-shape';
import { computed, ref, useId } from 'vue';
import { drawn } from '../../../../drawing/dimensions';
import { usePreferences } from '../../../../data/stores/preferences';
import type { Read } from './judgedSweep';

/** What the needle did against what it should have done: readings, the fit through them, the band this part allows. */
const props = withDefaults(
  defineProps<{
    readings: readonly Read[];
    leftOut: readonly Read[];
    fitted: readonly Read[];
    /** Reading to each mm of travel as it should be, and how far off that may be either way. */
    slope: number;
    below: number;
    above: number;
    spikes: readonly number[];
    /** Where the needle begins to follow: what is before it is lash, and goes off the drawing. */
    follows: number | null;
    /** What each term of the fit takes, at its places. */
    terms?: readonly TermTaken[];
    before: { readonly readings: readonly Read[]; readonly slope: number } | null;
    /** Of the drawing, in its own units: less where it stands in a narrow column, so that its words stay large. */
    width?: number;
  }>(),
  { width: 760, terms: () => [] },
);
/** A stretch drawn across by hand. */
const emit = defineEmits<{ stretch: [from: number, to: number] }>();
const preferences = usePreferences();
/** Several may be on a page. */
const inside = useId();
const W = props.width;
const H = 230;
const M = { left: 62, right: 14, top: 12, bottom: 30 };

const first = computed(() => props.fitted[0]?.at ?? 0);
/** It is measured from where it begins to follow. */
const anchor = computed(
  () => props.fitted.find(({ at }) => at >= (props.follows ?? first.value)) ?? { at: first.value, seen: 0 },
);
const start = computed(() => anchor.value.at);
const level = computed(() => anchor.value.seen);
const off =
  (slope: number, from: number, zero: number) =>
  ({ at, seen }: Read): Read => ({ at, seen: seen - zero - slope * (at - from) });
const own = computed(() => off(props.slope, start.value, level.value));
const points = computed(() => props.readings.map(own.value));
const out = computed(() => props.leftOut.map(own.value));
const fit = computed(() => props.fitted.map(own.value));
/** As it was swept before, from its own first readings. */
const earlier = computed(() => {
  const all = props.before?.readings ?? [];
  const [first] = all;
  if (!first || !props.before) return [];
  const few = all
    .slice(0, 5)
    .map(({ seen }) => seen)
    .sort((a, b) => a - b);
  return all.map(off(props.before.slope, first.at, few[few.length >> 1] ?? first.seen));
});
const end = computed(() => props.fitted.at(-1)?.at ?? 1);
const x = computed(() => scaleLinear([first.value, end.value], [M.left, W - M.right]));
const y = computed(() => {
  const seen = [...points.value, ...fit.value, ...earlier.value]
    .filter(({ at }) => at >= start.value)
    .map((p) => p.seen);
  const run = end.value - start.value;
  const all = [...seen, props.above * run, props.below * run, 0];
  // A list of hundreds may be spread over a call.
  return scaleLinear([Math.min(...all), Math.max(...all)], [H - M.bottom, M.top]).nice(4);
});
const pathOf = (some: readonly Read[]): string =>
  line<Read>()
    .x((p) => x.value(p.at))
    .y((p) => y.value(p.seen))([...some]) ?? '';
/** As good as the most that a term takes. */
const NEARLY = 0.98;
/** The middle of the stretch over which a term takes most: of a step that is far from its own edge, which is no place for a word. */
function placeOfMost(takes: readonly number[]): number {
  const takenAt = (i: number): number => Math.abs(takes[i] ?? 0);
  const most = takes.reduce((top, _, i) => (takenAt(i) > takenAt(top) ? i : top), 0);
  const least = NEARLY * takenAt(most);
  let [first, last] = [most, most];
  while (first > 0 && takenAt(first - 1) >= least) first--;
  while (last < takes.length - 1 && takenAt(last + 1) >= least) last++;
  return (first + last) >> 1;
}
/** Between the fit and what it would be without each of them; named where it takes most. */
const NAMES: Readonly<Record<TermTaken['term'], string>> = { bow: 'bow', step: 'step', sine: 'screw' };
const taken = computed(() =>
  props.terms.map(({ term, takes }) => {
    const between = fit.value.map((p, i) => ({ ...p, without: p.seen - (takes[i] ?? 0) }));
    const at = between[placeOfMost(takes)];
    return {
      term,
      name: NAMES[term],
      path:
        area<(typeof between)[number]>()
          .x((p) => x.value(p.at))
          .y0((p) => y.value(p.without))
          .y1((p) => y.value(p.seen))(between) ?? '',
      label: at && { x: x.value(at.at), y: (y.value(at.without) + y.value(at.seen)) / 2 + 5 },
    };
  }),
);
const band = computed(() => {
  const run = end.value - start.value;
  const [a, b] = [x.value(start.value), x.value(end.value)];
  return `M${a},${y.value(0)}L${b},${y.value(props.above * run)}L${b},${y.value(props.below * run)}Z`;
});
const dots = computed(() => (points.value.length <= 160 ? points.value : []));
const marked = computed(() => points.value.filter(({ at }) => props.spikes.includes(at)));
const unit = computed(() => (preferences.units === 'mm' ? 'mm' : 'in'));

const svg = ref<SVGSVGElement | null>(null);
const drag = ref<{ from: number; to: number } | null>(null);
function placeOf(event: PointerEvent): number {
  const box = svg.value?.getBoundingClientRect();
  const px = box ? ((event.clientX - box.left) / box.width) * W : 0;
  return Math.min(end.value, Math.max(first.value, x.value.invert(px)));
}
function down(event: PointerEvent): void {
  const at = placeOf(event);
  drag.value = { from: at, to: at };
}
const move = (event: PointerEvent): void => {
  if (drag.value) drag.value = { ...drag.value, to: placeOf(event) };
};
/** Less than this share of the travel is a slip of the finger. */
const SLIP = 0.01;
function up(): void {
  const { value: drawnOver } = drag;
  drag.value = null;
  if (!drawnOver) return;
  const [from, to] = [drawnOver.from, drawnOver.to].sort((a, b) => a - b) as [number, number];
  if (to - from > SLIP * (end.value - start.value)) emit('stretch', from, to);
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${W} ${H}`"
    role="img"
    aria-label="The needle against what it should have read, along the travel"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="up"
    @pointerleave="up"
  >
    <path :d="band" class="band" />
    <line :x1="M.left" :x2="W - M.right" :y1="y(0)" :y2="y(0)" class="zero" />
    <g v-for="tick in y.ticks(5)" :key="tick">
      <text :x="M.left - 8" :y="y(tick) + 5" text-anchor="end">{{ drawn(tick, preferences.units) }}</text>
    </g>
    <g v-for="tick in x.ticks(6)" :key="tick">
      <text :x="x(tick)" :y="H - 8" text-anchor="middle">{{ drawn(tick, preferences.units) }}</text>
    </g>
    <clipPath :id="inside">
      <rect :x="M.left" :y="M.top" :width="W - M.left - M.right" :height="H - M.top - M.bottom" />
    </clipPath>
    <g :clip-path="`url(#${inside})`">
      <path v-if="earlier.length" :d="pathOf(earlier)" class="before" />
      <path :d="pathOf(points)" class="seen" />
      <circle v-for="(p, i) in dots" :key="i" :cx="x(p.at)" :cy="y(p.seen)" r="2.4" class="dot" />
      <circle v-for="(p, i) in out" :key="`out${i}`" :cx="x(p.at)" :cy="y(p.seen)" r="2" class="out" />
      <circle v-for="(p, i) in marked" :key="`spike${i}`" :cx="x(p.at)" :cy="y(p.seen)" r="7" class="spike" />
      <path v-for="one in taken" :key="one.term" :d="one.path" class="taken" />
      <path :d="pathOf(fit)" class="fit" />
      <template v-for="one in taken" :key="one.term">
        <text v-if="one.label" :x="one.label.x" :y="one.label.y" text-anchor="middle" class="named">
          {{ one.name }}
        </text>
      </template>
    </g>
    <g v-if="follows !== null">
      <rect
        :x="M.left"
        :y="M.top"
        :width="Math.max(0, x(start) - M.left)"
        :height="H - M.top - M.bottom"
        class="lash"
      />
      <text :x="M.left + 6" :y="M.top + 14">lash</text>
    </g>
    <rect
      v-if="drag"
      :x="Math.min(x(drag.from), x(drag.to))"
      :width="Math.abs(x(drag.to) - x(drag.from))"
      :y="M.top"
      :height="H - M.top - M.bottom"
      class="drag"
    />
    <text :x="M.left - 8" :y="H - 8" text-anchor="end">{{ unit }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: auto;
  display: block;
  touch-action: pan-y;
  cursor: crosshair;
}
text {
  font-family: var(--figures);
  font-size: 14px;
  fill: var(--ink-2);
}
.band {
  fill: var(--green);
  opacity: 0.2;
}
.zero {
  stroke: var(--green);
  stroke-width: 1.4;
}
.seen {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
}
.dot {
  fill: var(--ink-2);
}
.out {
  fill: none;
  stroke: var(--rule-2);
}
.before {
  fill: none;
  stroke: var(--brass);
  stroke-width: 1.4;
  stroke-dasharray: 5 4;
}
.fit {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2.6;
}
.taken {
  fill: var(--blue);
  opacity: 0.14;
}
/* Legible wherever a line runs behind it. */
.named {
  fill: var(--blue);
  font-weight: 650;
  stroke: var(--sheet);
  stroke-width: 4px;
  stroke-linejoin: round;
  paint-order: stroke;
}
.spike {
  fill: none;
  stroke: var(--red);
  stroke-width: 2;
}
.lash {
  fill: var(--brass);
  opacity: 0.16;
}
.drag {
  fill: var(--blue);
  opacity: 0.15;
}
</style>
