<script setup lang="ts">
import { endOn, type EccentricPart } from '@anello/core/eccentric';
import { formatFigure, length } from '@anello/core/figure';
import { computed } from 'vue';
import { usePreferences } from '../../data/stores/preferences';

/** The eccentrics seen from the tailstock: both axes, the circle the high side sweeps, the thinnest wall. */
const props = defineProps<{ part: EccentricPart; throws: readonly EccentricPart[] }>();
const preferences = usePreferences();
const SIZE = 300;
const C = SIZE / 2;
const ROOM = 118;
const largest = computed(() => Math.max(...props.throws.map((t) => t.diameter / 2 + t.throw), 1));
const scale = computed(() => ROOM / largest.value);
const circles = computed(() =>
  props.throws.map((t) => ({
    id: t.id,
    x: C + t.throw * Math.cos(t.phase) * scale.value,
    y: C - t.throw * Math.sin(t.phase) * scale.value,
    r: (t.diameter / 2) * scale.value,
    picked: t.id === props.part.id,
  })),
);
const seen = computed(() => endOn(props.part));
const along = (r: number, turn = 0): { x: number; y: number } => ({
  x: C + r * scale.value * Math.cos(props.part.phase + turn),
  y: C - r * scale.value * Math.sin(props.part.phase + turn),
});
const axis = computed(() => along(props.part.throw));
const high = computed(() => along(props.part.diameter / 2 + props.part.throw));
const wall = computed(() => {
  const { bore, diameter, throw: e } = props.part;
  return bore === null ? null : { from: along(bore / 2, Math.PI), to: along(diameter / 2 - e, Math.PI) };
});
const words = computed(() => {
  const say = (mm: number): string => formatFigure(length(mm, 0.01), preferences.units);
  return `Throw ${say(props.part.throw)}, travel ${say(seen.value.travel)}${
    seen.value.thinnest === null ? '' : `, thinnest wall ${say(seen.value.thinnest)}`
  }`;
});
</script>

<template>
  <svg :viewBox="`0 0 ${SIZE} ${SIZE}`" role="img" :aria-label="`Seen end-on. ${words}`">
    <circle :cx="C" :cy="C" :r="(seen.swing / 2) * scale" class="swing" />
    <circle
      v-for="one in circles"
      :key="one.id"
      :cx="one.x"
      :cy="one.y"
      :r="one.r"
      class="disc"
      :class="{ other: !one.picked }"
    />
    <circle v-if="part.hub" :cx="C" :cy="C" :r="(part.hub.diameter / 2) * scale" class="hub" />
    <circle v-if="part.bore" :cx="C" :cy="C" :r="(part.bore / 2) * scale" class="bore" />
    <path :d="`M${C - 10} ${C}h20M${C} ${C - 10}v20`" class="shaft" />
    <path :d="`M${axis.x - 8} ${axis.y}h16M${axis.x} ${axis.y - 8}v16`" class="own" />
    <line :x1="C" :y1="C" :x2="axis.x" :y2="axis.y" class="throw" />
    <line v-if="wall" :x1="wall.from.x" :y1="wall.from.y" :x2="wall.to.x" :y2="wall.to.y" class="wall" />
    <circle :cx="high.x" :cy="high.y" r="5" class="high" />
    <circle cx="14" cy="14" r="5" class="high" />
    <text x="26" y="19">high side</text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 320px;
}
.swing {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 1.4;
  stroke-dasharray: 7 4;
}
.disc {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.8;
}
.disc.other {
  fill: none;
  stroke-dasharray: 4 3;
}
.hub {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.2;
}
.bore {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.shaft {
  stroke: var(--centre);
  stroke-width: 1.6;
}
.own {
  stroke: var(--blue);
  stroke-width: 1.6;
}
.throw {
  stroke: var(--blue);
  stroke-width: 3;
}
.wall {
  stroke: var(--red);
  stroke-width: 4;
}
.high {
  fill: var(--brass-edge);
}
text {
  font-family: var(--words);
  font-size: 14px;
  font-weight: 600;
  fill: var(--brass);
}
</style>
