<script setup lang="ts">
import type { PartLayout } from '@anello/core/part';
import { computed } from 'vue';
import type { Place } from '../../drawing/outlinePath';
import type { HeldAs } from '../model/heldAs';

/** Headstock and tailstock with what holds the piece where it really does: jaws, its own socket, a bar, centres. */
const props = defineProps<{
  held: HeldAs;
  width: number;
  centre: number;
  tall: number;
  start: number;
  end: number;
  place: Place;
  layout: PartLayout;
  narrow: boolean;
}>();

const JAW = 24;
const REACH = 26;
/** Largest radius drawn under the jaws. */
const radius = computed(() => {
  const { grips } = props.held;
  const over = props.layout.sections.filter(
    (s) => s.side === 'external' && (!grips || (s.z1 > grips.from && s.z0 < grips.to)),
  );
  const all = over.length > 0 ? over : props.layout.sections.filter((s) => s.side === 'external');
  return Math.max(1, ...all.flatMap((s) => s.points.map((p) => p.r)));
});
const top = computed(() => props.place.y(radius.value, 1));
/** Where the jaws are drawn: on the part, or beside it on the bar that is left to hold by. */
const jaws = computed(() => {
  const { grips } = props.held;
  if (!grips) return null;
  const [a, b] = [props.place.x(grips.from), props.place.x(grips.to)];
  const to = Math.max(a, b);
  const beside = to < props.start;
  const right = beside ? Math.max(to, props.start - REACH) : to;
  return { right, left: Math.min(Math.min(a, b), right - REACH), beside };
});
/** A drawbar comes through the spindle into the thread that it pulls by. */
const drawbar = computed(() => {
  const { drawbar: thread } = props.held;
  return (
    thread && {
      y: props.place.y(thread.r, 1),
      to: Math.max(props.place.x(thread.from), props.place.x(thread.to)),
    }
  );
});
const face = computed(() =>
  Math.max(props.narrow ? 26 : 60, Math.min(jaws.value?.left ?? props.start - 34, props.start - 14)),
);
const point = computed(() => props.end + (props.held.centreFree ? -4 : props.narrow ? 16 : 44));
const quill = computed(() => point.value + (props.narrow ? 16 : 34));
const block = computed(() => quill.value + (props.narrow ? 10 : 90));
</script>

<template>
  <g
    class="ends"
    :role="held.said ? 'img' : undefined"
    :aria-label="held.said || undefined"
    :aria-hidden="held.said ? undefined : true"
  >
    <rect x="-2" :y="centre - tall * 0.6" :width="face - 20" :height="tall * 1.2" class="cast" />
    <text v-if="!narrow" :x="(face - 20) / 2" :y="centre + 5" text-anchor="middle">headstock</text>
    <rect :x="face - 22" :y="centre - tall * 0.66" width="22" :height="tall * 1.32" class="plate" />
    <rect
      v-if="jaws?.beside"
      :x="face"
      :y="top"
      :width="Math.max(0, start - face)"
      :height="2 * (centre - top)"
      class="bar-left"
    />
    <rect
      v-if="drawbar"
      x="0"
      :y="drawbar.y"
      :width="drawbar.to"
      :height="2 * (centre - drawbar.y)"
      class="drawbar"
    />
    <template v-if="held.by === 'socket' && jaws">
      <rect :x="face" :y="top - JAW" :width="Math.max(0, jaws.right - face)" :height="JAW - 1" class="jaw" />
      <rect
        :x="face"
        :y="2 * centre - top + 1"
        :width="Math.max(0, jaws.right - face)"
        :height="JAW - 1"
        class="jaw"
      />
    </template>
    <template v-else-if="held.by === 'jaws' && jaws">
      <rect :x="jaws.left" :y="top - JAW" :width="jaws.right - jaws.left" :height="JAW" rx="2" class="jaw" />
      <rect
        :x="jaws.left"
        :y="2 * centre - top"
        :width="jaws.right - jaws.left"
        :height="JAW"
        rx="2"
        class="jaw"
      />
    </template>
    <path v-if="held.by === 'bar'" :d="`M${face} ${centre}H${end + 20}`" class="mandrel" />
    <path
      v-if="held.centreSpindle"
      :d="`M${face} ${centre - 11}L${start + 4} ${centre}L${face} ${centre + 11}Z`"
      class="jaw"
    />
    <path :d="`M${point} ${centre}L${quill} ${centre - 15}V${centre + 15}Z`" class="jaw" />
    <rect :x="quill" :y="centre - 19" :width="block - quill" height="38" class="plate" />
    <rect
      :x="block"
      :y="centre - tall * 0.44"
      :width="Math.max(0, width - block + 2)"
      :height="tall * 0.96"
      class="cast"
    />
    <text v-if="!narrow && width - block > 80" :x="(block + width) / 2" :y="centre + 5" text-anchor="middle"
      >tailstock</text
    >
  </g>
</template>

<style scoped>
.cast {
  fill: var(--metal);
}
.plate {
  fill: var(--metal-2);
}
.jaw {
  fill: var(--metal-3);
}
.drawbar {
  fill: var(--ink-2);
  opacity: 0.8;
}
.bar-left {
  fill: var(--stock);
  stroke: var(--rule-2);
}
.mandrel {
  stroke: var(--metal-3);
  stroke-width: 9;
}
text {
  font-family: var(--words);
  font-size: 13px;
  fill: var(--ink);
  opacity: 0.8;
}
</style>
