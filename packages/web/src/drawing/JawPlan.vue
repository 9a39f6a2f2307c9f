<script setup lang="ts">
import { formatFigure, length } from '@anello/core/figure';
import { JAWS, type JawMove } from '@anello/core/holding';
import { computed } from 'vue';
import { usePreferences } from '../data/stores/preferences';

/** The four-jaw seen from the tailstock: where the work sits, which jaw to ease and which to tighten. */
const props = defineProps<{
  /** Where the work's axis stands from the spindle's, mm; null along a way not read. */
  at: { readonly x: number | null; readonly y: number | null };
  moves: readonly JawMove[];
  resolution: number;
  /** Where it should stand, when that is not the centre. */
  wanted?: { readonly x: number; readonly y: number } | null;
}>();
const preferences = usePreferences();
const C = 130;
const R = 96;
const WORK = 46;
/** The offset is drawn this long at most, whatever it is. */
const SHOWN = 18;
/** A throw is the point of it and may be drawn larger. */
const WANTED = 30;
const scale = computed(() => {
  const size = props.wanted
    ? Math.max(Math.hypot(props.wanted.x, props.wanted.y), Math.hypot(props.at.x ?? 0, props.at.y ?? 0))
    : Math.hypot(props.at.x ?? 0, props.at.y ?? 0);
  return size > 0 ? (props.wanted ? WANTED : SHOWN) / size : 0;
});
const drawnAt = (x: number, y: number): { x: number; y: number } => ({
  x: C + x * scale.value,
  y: C - y * scale.value,
});
const offset = computed(() => drawnAt(props.at.x ?? 0, props.at.y ?? 0));
const target = computed(() => (props.wanted ? drawnAt(props.wanted.x, props.wanted.y) : null));
const jaws = computed(() =>
  JAWS.map((direction, i) => {
    const [ux, uy] = [Math.cos(direction), -Math.sin(direction)];
    const move = props.moves.find((m) => m.jaw === i + 1);
    const sign = move?.action === 'tighten' ? -1 : 1;
    const at = (r: number): string => `${C + r * ux} ${C + r * uy}`;
    return {
      number: i + 1,
      x: C + 74 * ux,
      y: C + 74 * uy,
      degrees: (-direction * 180) / Math.PI,
      move,
      arrow: `M${at(118 - sign * 12)}L${at(118 + sign * 12)}`,
      tip: { x: C + (118 + sign * 12) * ux, y: C + (118 + sign * 12) * uy },
      words: move
        ? `${move.action} ${formatFigure(length(move.by, props.resolution), preferences.units)}`
        : '',
    };
  }),
);
</script>

<template>
  <svg viewBox="-130 -22 520 308" role="img" aria-label="The chuck seen from the tailstock">
    <circle :cx="C" :cy="C" :r="R" class="chuck" />
    <circle :cx="offset.x" :cy="offset.y" :r="WORK" class="work" />
    <g v-if="target">
      <circle :cx="target.x" :cy="target.y" :r="WORK" class="target" />
      <path :d="`M${target.x - 6} ${target.y}h12M${target.x} ${target.y - 6}v12`" class="target" />
    </g>
    <line :x1="C - 8" :x2="C + 8" :y1="C" :y2="C" class="centre" />
    <line :x1="C" :x2="C" :y1="C - 8" :y2="C + 8" class="centre" />
    <g v-for="jaw in jaws" :key="jaw.number">
      <rect
        x="-24"
        y="-13"
        width="48"
        height="26"
        rx="3"
        class="jaw"
        :class="jaw.move?.action"
        :transform="`translate(${jaw.x} ${jaw.y}) rotate(${jaw.degrees})`"
      />
      <text :x="jaw.x" :y="jaw.y + 6" text-anchor="middle" class="number">{{ jaw.number }}</text>
      <template v-if="jaw.move">
        <path :d="jaw.arrow" :class="jaw.move.action" />
        <circle :cx="jaw.tip.x" :cy="jaw.tip.y" r="4" :class="jaw.move.action" />
        <text
          :x="jaw.x + (jaw.number === 1 ? 40 : jaw.number === 3 ? -40 : 22)"
          :y="jaw.y + (jaw.number === 2 ? -40 : jaw.number === 4 ? 54 : -26)"
          :text-anchor="jaw.number === 3 ? 'end' : jaw.number === 1 ? 'start' : 'start'"
          class="words"
        >
          {{ jaw.words }}
        </text>
      </template>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 460px;
}
.chuck {
  fill: var(--metal);
  stroke: var(--ink);
}
.work {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.target {
  fill: none;
  stroke: var(--blue);
  stroke-width: 1.6;
  stroke-dasharray: 5 3;
}
.centre {
  stroke: var(--centre);
  stroke-width: 1.6;
}
.jaw {
  fill: var(--metal-3);
  stroke: var(--ink);
}
rect.tighten {
  stroke: var(--blue);
  stroke-width: 3;
}
rect.loosen {
  stroke: var(--brass-edge);
  stroke-width: 3;
  stroke-dasharray: 5 3;
}
path.tighten,
circle.tighten {
  stroke: var(--blue);
  fill: var(--blue);
  stroke-width: 3;
}
path.loosen,
circle.loosen {
  stroke: var(--brass-edge);
  fill: var(--brass-edge);
  stroke-width: 3;
}
.number {
  font-family: var(--figures);
  font-size: 17px;
  font-weight: 700;
  fill: var(--ink);
}
.words {
  font-family: var(--words);
  font-size: 15px;
  font-weight: 650;
  fill: var(--ink);
}
</style>
