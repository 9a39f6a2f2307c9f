<script setup lang="ts">
import type { Scene } from '@anello/core/virtual-lathe';
import { computed } from 'vue';
import { two } from '../../drawing/outlinePath';

/** The practice lathe from above, to scale: whoever works it stands below the picture. */
const props = defineProps<{
  scene: Scene;
  chips: 'cutting' | 'rubbing' | 'none';
  /** An indicator stands in the post instead of a tool. */
  indicator: boolean;
  /** A line that is to be followed, from the chuck's face. */
  line?: readonly { readonly z: number; readonly r: number }[] | undefined;
  /** Drawn small: nothing is written in it. */
  compact?: boolean;
}>();
const WIDTH = 840;
const HEIGHT = 400;
/** The chuck's face, and the axis. */
const FACE = 230;
const AXIS = 132;
/** Of the outline every so many places are drawn: half a mm is less than two pixels. */
const EVERY = 5;

/** Pixels to the mm: all that stands out is seen, with the tailstock after it. */
const CLOSEST = 3.1;
const TAIL_ROOM = 190;
const SCALE = computed(() =>
  Math.min(CLOSEST, (WIDTH - FACE - TAIL_ROOM) / Math.max(1, props.scene.held?.out ?? 1)),
);
const x = (z: number): number => FACE + z * SCALE.value;
const y = (out: number): number => AXIS + out * SCALE.value;

/** One outline of the piece as a path, there above the axis and back below it. */
function pathOf(side: 'outside' | 'inside'): string {
  const { outline } = props.scene;
  if (!outline) return '';
  const top: string[] = [];
  const bottom: string[] = [];
  const last = outline.z.length - 1;
  for (let i = 0; ; i = Math.min(last, i + EVERY)) {
    const [z, r] = [outline.z[i] as number, outline[side][i] as number];
    top.push(`${two(x(z))} ${two(y(-r))}`);
    bottom.push(`${two(x(z))} ${two(y(r))}`);
    if (i === last) break;
  }
  return `M${top.join('L')}L${bottom.reverse().join('L')}Z`;
}
const work = computed(() => pathOf('outside'));
const bored = computed(() => (props.scene.outline?.inside.some((r) => r > 0) ? pathOf('inside') : ''));
const drawnLine = computed(() =>
  props.line ? `M${props.line.map(({ z, r }) => `${two(x(z))} ${two(y(r))}`).join('L')}` : '',
);
/** A form tool's edge, back to its shank. */
const form = computed(() => {
  const { form: edge } = props.scene.tool;
  if (!edge) return '';
  const points = edge.map(({ z, back }) => `${two(z * SCALE.value)} ${two(back * SCALE.value)}`);
  const wide = two((edge.at(-1)?.z ?? 0) * SCALE.value);
  return `M${points.join('L')}L${wide} 56L-${wide} 56Z`;
});
/** Across the bed the compound stands upright in the picture; swung along, it lies. */
const swung = computed(() => 90 - (props.scene.compoundAngle * 180) / Math.PI);
const setOver = computed(() => props.scene.setOver * SCALE.value);
/** Without a piece a test bar stands in the spindle: its radius, and how far out. */
const TEST_BAR = 15;
const TEST_BAR_OUT = 80;
const gripped = computed(() => {
  const r = props.scene.outline?.outside[0] ?? TEST_BAR;
  return { top: y(-r), height: 2 * r * SCALE.value };
});
const tool = computed(() => ({ x: x(props.scene.tool.z), y: y(props.scene.tool.x) }));
/** How far the lever reaches from the post to the front of the work. */
const reach = computed(() => {
  const { outline, tool: at } = props.scene;
  const places = outline ? outline.z.length : 0;
  const i = Math.min(places - 1, Math.max(0, Math.round(at.z * 10)));
  const r = outline && places > 0 ? (outline.outside[i] as number) : TEST_BAR;
  return Math.min(8, (r - at.x) * SCALE.value);
});
/** The bar turns about a place on the bed: steeper, its headstock end comes toward the operator. */
const BAR_AT = 60;
const barLeans = computed(() => (-props.scene.attachment.angle * 180) / Math.PI);
/** The free end of what is held. */
const end = computed(() => x(props.scene.held?.out ?? TEST_BAR_OUT));
/** Where the barrel's nose stands, and the body behind it. */
const NOSE_FROM_WORK = 47;
const nose = computed(() => x((props.scene.held?.out ?? TEST_BAR_OUT) + NOSE_FROM_WORK));
const tail = computed(() => Math.min(WIDTH - 40, nose.value + props.scene.barrel * SCALE.value));
/** Where the body of the tailstock leaves the picture, and what its name needs. */
const tailEnd = WIDTH - 8;
const NAME = 84;
const SAID = { cutting: 'chips: it is cutting', rubbing: 'dust: it only rubs', none: '' } as const;
const words = computed(() => {
  const { tool: at, turns } = props.scene;
  return `The lathe from above. The edge stands ${Math.round(at.z)} mm from the chuck and ${Math.round(at.x)} mm from the axis. The spindle ${turns > 0 ? 'turns' : 'stands'}. ${SAID[props.chips]}`;
});
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="words">
    <rect :x="FACE - 60" :y="AXIS - 84" :width="WIDTH - FACE + 40" height="168" class="bed" />
    <rect :x="FACE - 60" :y="AXIS - 56" :width="WIDTH - FACE + 40" height="14" class="way" />
    <rect :x="FACE - 60" :y="AXIS + 42" :width="WIDTH - FACE + 40" height="14" class="way" />
    <rect x="10" :y="AXIS - 104" :width="FACE - 108" height="208" class="head" />
    <rect :x="FACE - 98" :y="AXIS - 92" width="72" height="184" class="chuck" />
    <rect :x="FACE - 26" :y="gripped.top - 40" width="26" height="40" class="jaw" />
    <rect :x="FACE - 26" :y="gripped.top + gripped.height" width="26" height="40" class="jaw" />
    <rect :x="FACE - 26" :y="gripped.top" width="26" :height="gripped.height" class="stock" />
    <rect
      v-if="!scene.outline"
      :x="FACE"
      :y="AXIS - TEST_BAR * SCALE"
      :width="TEST_BAR_OUT * SCALE"
      :height="2 * TEST_BAR * SCALE"
      class="stock"
    />
    <path :d="work" class="stock" :class="{ turning: scene.turns > 0 }" />
    <path v-if="bored" :d="bored" class="bored" />
    <path v-if="drawnLine" :d="drawnLine" class="line" />
    <g :transform="`translate(0 ${two(setOver)})`">
      <rect :x="tail" :y="AXIS - 62" :width="tailEnd - tail" height="124" class="head" />
      <rect :x="nose" :y="AXIS - 26" :width="two(tail - nose)" height="52" class="barrel" />
      <path
        v-if="scene.held?.centre"
        :d="`M${two(end)} ${AXIS} L${two(nose)} ${AXIS - 14} v28 Z`"
        class="barrel"
      />
    </g>
    <line :x1="6" :x2="WIDTH - 6" :y1="AXIS" :y2="AXIS" class="axis" />
    <g v-if="scene.attachment.engaged" class="bar-at-back">
      <g :transform="`rotate(${two(barLeans)} ${x(BAR_AT)} 18)`">
        <rect :x="x(BAR_AT) - 170" y="10" width="340" height="15" rx="3" class="bar" />
      </g>
      <rect :x="two(tool.x - 13)" y="6" width="26" height="26" rx="3" class="post" />
      <line :x1="tool.x" :x2="tool.x" y1="32" :y2="tool.y + 40" class="link" />
    </g>
    <g :transform="`translate(${two(tool.x)} ${two(tool.y)})`">
      <rect x="-66" y="64" width="132" height="190" class="saddle" />
      <rect x="-34" y="40" width="68" height="160" class="slide" :transform="`rotate(${two(swung)} 0 84)`" />
      <rect x="-19" y="54" width="38" height="38" class="post" />
      <template v-if="indicator">
        <line x1="0" y1="60" x2="0" y2="16" class="stem" />
        <circle cx="0" cy="30" r="19" class="clock" />
        <line x1="0" y1="30" x2="8" y2="18" class="stem" />
        <line x1="0" y1="11" x2="0" :y2="reach" class="lever" />
        <circle cx="0" :cy="reach" r="3.5" class="edge" />
      </template>
      <path v-else-if="form" :d="form" class="edge" />
      <path v-else-if="scene.tool.side === 'inside'" d="M0 0 L-7 -8 H150 V14 H-7 Z" class="edge" />
      <path v-else d="M0 0 L9 56 L-9 56 Z" class="edge" />
    </g>
    <path
      v-if="chips === 'cutting'"
      :d="`M${two(tool.x)} ${two(tool.y)} q 26 -34 74 -22 t 30 22`"
      class="chip"
    />
    <text v-if="chips !== 'none'" :x="tool.x + 24" :y="tool.y - 42 < 16 ? 16 : tool.y - 42" class="said">
      {{ SAID[chips] }}
    </text>
    <text v-if="!compact" :x="FACE / 2 - 44" :y="AXIS - 10" class="name middle">headstock</text>
    <text
      v-if="!compact && tailEnd - tail > NAME"
      :x="(tail + tailEnd) / 2"
      :y="AXIS - 10"
      class="name middle"
    >
      tailstock
    </text>
    <text v-if="!compact" :x="WIDTH - 16" :y="HEIGHT - 10" text-anchor="end" class="name">
      from above; you stand here ↓
    </text>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: auto;
  max-height: 46vh;
}
.bed {
  fill: var(--metal);
  opacity: 0.5;
}
.way {
  fill: var(--metal-2);
  opacity: 0.6;
}
.head {
  fill: var(--metal-2);
}
.chuck,
.jaw,
.barrel {
  fill: var(--metal-3);
}
.stock {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.bored {
  fill: var(--paper-2);
  stroke: var(--ink);
  stroke-width: 1.2;
  stroke-dasharray: 7 4;
}
.line {
  fill: none;
  stroke: var(--blue);
  stroke-width: 2.4;
  stroke-dasharray: 9 4;
}
.turning {
  stroke: var(--blue);
}
.axis {
  stroke: var(--centre);
  stroke-dasharray: 12 4 3 4;
}
.saddle {
  fill: var(--metal);
  stroke: var(--metal-3);
}
.slide {
  fill: var(--paper-2);
  stroke: var(--metal-3);
}
.post {
  fill: var(--metal-3);
}
.bar {
  fill: var(--blue-wash);
  stroke: var(--blue);
  stroke-width: 1.6;
}
.link {
  stroke: var(--metal-3);
  stroke-width: 9;
  opacity: 0.45;
}
.clock {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.stem,
.lever {
  stroke: var(--ink);
  stroke-width: 3;
}
.edge {
  fill: var(--ink);
}
.chip {
  fill: none;
  stroke: var(--brass-edge);
  stroke-width: 3;
}
.said {
  fill: var(--brass);
  font-size: 16px;
  font-weight: 600;
}
.name {
  fill: var(--ink-2);
  font-size: 15px;
}
.middle {
  text-anchor: middle;
}
</style>
