<script setup lang="ts">
import type { CurvePoint } from '@anello/core/curve';
import type { PartLayout, PartTaper, Section } from '@anello/core/part';
import { useElementSize } from '@vueuse/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import { usePreferences } from '../../data/stores/preferences';
import type { StripHandles, StripMarks } from '../../data/stores/screen';
import { dimensionsOf } from '../../drawing/dimensions';
import MachineEnds from './MachineEnds.vue';
import { edgePath, facePath, halfPath, placeOn, wholePath } from '../../drawing/outlinePath';
import { stripScale } from '../../drawing/scale';
import TaperMarks from './TaperMarks.vue';

/** The part, to scale, on the spindle axis: headstock left, tailstock right, as the operator sees it. */
const props = defineProps<{
  layout: PartLayout;
  names: Readonly<Record<string, string>>;
  taper: {
    id: string;
    z0: number;
    z1: number;
    solved: PartTaper;
    internal: boolean;
    largeEnd: 'headstock' | 'tailstock';
  } | null;
  /** The work is held between centres. */
  betweenCentres: boolean;
  selected: string | null;
  marks: StripMarks;
  handles?: StripHandles | null;
}>();
const emit = defineEmits<{ pick: [id: string] }>();

const preferences = usePreferences();
const box = ref<HTMLElement | null>(null);
const { width: measured } = useElementSize(box);
const width = computed(() => Math.max(320, measured.value || 1100));
const narrow = computed(() => width.value < 700);
const HEADROOM = 36;
const LANE = 19;
const tall = computed(() => (narrow.value ? 80 : 104));
const centre = computed(() => HEADROOM + tall.value / 2);

const room = computed(() =>
  narrow.value ? { from: 66, to: width.value - 56 } : { from: 190, to: width.value - 210 },
);
const scale = computed(() =>
  stripScale({
    length: props.layout.length,
    radius: props.layout.largestRadius,
    ...room.value,
    height: tall.value,
  }),
);
const place = computed(() => placeOn(scale.value, centre.value));
const textRoom = computed(() => ({ from: 8, to: width.value - 8 }));
const dimensions = computed(() =>
  dimensionsOf(props.layout, place.value, preferences.units, props.selected, textRoom.value),
);

const below = computed(() => centre.value + tall.value / 2 + 6);
const diameterRow = computed(() => below.value + 16);
const lengthRow = (lane: number): number => diameterRow.value + 18 + lane * LANE;
const height = computed(() => lengthRow(Math.max(1, dimensions.value.lanes)) + 4);

const outside = computed(() => props.layout.sections.filter((s) => s.side === 'external'));
const inside = computed(() => props.layout.sections.filter((s) => s.side === 'internal'));
const sectioned = computed(() => inside.value.length > 0);
const partEnd = computed(() => place.value.x(props.layout.length));

/** Only a profile being drawn has them. */
const DragHandles = defineAsyncComponent(() => import('../../drawing/DragHandles.vue'));
const held = computed(() => {
  const section = props.layout.sections.find((s) => s.id === props.handles?.feature && !s.ghost);
  return section && props.handles ? { ...props.handles, z0: section.z0 } : null;
});
const toStrip = (p: CurvePoint): { x: number; y: number } => ({
  x: place.value.x((held.value?.z0 ?? 0) + p.z),
  y: place.value.y(p.r, 1),
});
function fromStrip(x: number, y: number): CurvePoint {
  const [start, end] = [place.value.x(0), place.value.x(1)];
  const [axis, up] = [place.value.y(0, 1), place.value.y(1, 1)];
  return { z: (x - start) / (end - start) - (held.value?.z0 ?? 0), r: (y - axis) / (up - axis) };
}

const state = (section: Section): Record<string, boolean> => ({
  ghost: section.ghost,
  selected: section.id === props.selected,
  cone: section.kind === 'taper',
  problem: props.layout.problems.has(section.id),
});
</script>

<template>
  <div ref="box" class="strip">
    <svg
      :width="width"
      :height="height"
      :viewBox="`0 0 ${width} ${height}`"
      role="group"
      aria-label="The part on the spindle axis"
    >
      <defs>
        <pattern id="cut" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" class="hatch" />
        </pattern>
        <marker
          id="tick"
          viewBox="0 0 8 8"
          refX="7.4"
          refY="4"
          markerWidth="8"
          markerHeight="8"
          orient="auto-start-reverse"
        >
          <path d="M0 1.4L7.4 4L0 6.6Z" class="arrow" />
        </marker>
      </defs>
      <MachineEnds
        :width="width"
        :centre="centre"
        :tall="tall"
        :part-start="place.x(0)"
        :part-end="partEnd"
        :grip="place.y(outside[0]?.points[0]?.r ?? 8, 1)"
        :between-centres="betweenCentres"
        :narrow="narrow"
      />

      <g
        v-for="section in outside"
        :key="section.id"
        class="section"
        :class="state(section)"
        tabindex="0"
        role="button"
        :aria-label="names[section.id] ?? section.kind"
        :aria-pressed="section.id === selected"
        @click="emit('pick', section.id)"
        @keydown.enter.prevent="emit('pick', section.id)"
        @keydown.space.prevent="emit('pick', section.id)"
      >
        <path :d="wholePath(section, place)" class="body" />
        <path v-if="sectioned && !section.ghost" :d="halfPath(section, place, 1)" class="cut" />
        <path
          v-if="section.kind === 'thread'"
          :d="
            edgePath(
              { ...section, points: section.points.map((p) => ({ z: p.z, r: p.r * 0.93 })) },
              place,
              -1,
            )
          "
          class="thin"
        />
      </g>
      <g
        v-for="section in inside"
        :key="section.id"
        class="section inside"
        :class="state(section)"
        tabindex="0"
        role="button"
        :aria-label="names[section.id] ?? section.kind"
        :aria-pressed="section.id === selected"
        @click="emit('pick', section.id)"
        @keydown.enter.prevent="emit('pick', section.id)"
        @keydown.space.prevent="emit('pick', section.id)"
      >
        <path :d="halfPath(section, place, 1)" class="hole" />
        <path :d="halfPath(section, place, -1)" class="touch" />
        <path :d="edgePath(section, place, 1) + facePath(section, place, [1])" class="edge" />
        <path :d="edgePath(section, place, -1) + facePath(section, place, [-1])" class="hidden" />
        <path
          v-if="section.kind === 'thread'"
          :d="
            edgePath({ ...section, points: section.points.map((p) => ({ z: p.z, r: p.r * 0.86 })) }, place, 1)
          "
          class="thin"
        />
      </g>

      <TaperMarks
        v-if="taper"
        :taper="taper"
        :marks="marks"
        :place="place"
        :centre="centre"
        :tall="tall"
        :along="scale.along"
      />
      <line
        :x1="place.x(0) - (narrow ? 20 : 50)"
        :x2="partEnd + (narrow ? 30 : 96)"
        :y1="centre"
        :y2="centre"
        class="axis"
      />

      <DragHandles
        v-if="held"
        :points="held.points"
        :first="held.first"
        :to="toStrip"
        :from="fromStrip"
        :radius="7"
        @move="held.move"
      />
      <g class="dims" aria-hidden="true">
        <g v-for="(d, index) in dimensions.diameters" :key="index" :class="{ picked: d.id === selected }">
          <path :d="`M${d.fromX} ${d.fromY}L${d.fromX} ${below}L${d.x} ${diameterRow - 12}`" class="leader" />
          <text :x="d.x" :y="diameterRow" text-anchor="middle">{{ d.text }}</text>
        </g>
        <g v-for="line in dimensions.lengths" :key="line.id" :class="{ picked: line.id === selected }">
          <line
            :x1="line.x1"
            :x2="line.x2"
            :y1="lengthRow(line.lane)"
            :y2="lengthRow(line.lane)"
            class="dim"
            marker-start="url(#tick)"
            marker-end="url(#tick)"
          />
          <path
            :d="`M${line.x1} ${lengthRow(line.lane) - 5}v9M${line.x2} ${lengthRow(line.lane) - 5}v9`"
            class="dim"
          />
          <rect
            :x="line.textX - line.text.length * 4.2 - 3"
            :y="lengthRow(line.lane) - 8"
            :width="line.text.length * 8.4 + 6"
            height="16"
            class="gap"
          />
          <text :x="line.textX" :y="lengthRow(line.lane) + 5" text-anchor="middle">{{ line.text }}</text>
        </g>
      </g>
      <text v-if="scale.exaggeration" :x="width - 14" :y="height - 8" text-anchor="end" class="factor">
        {{ scale.exaggeration.direction }} ×{{ scale.exaggeration.factor }}
      </text>
    </svg>
  </div>
</template>

<style scoped>
.strip {
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
  min-width: 0;
  overflow: hidden;
}
svg {
  display: block;
}
.section {
  cursor: pointer;
  outline: none;
}
.body {
  fill: var(--stock);
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.cone .body {
  fill: var(--blue-wash);
  stroke: var(--blue);
}
.cut {
  fill: url(#cut);
  stroke: none;
  pointer-events: none;
}
.hatch {
  stroke: var(--ink-2);
  stroke-width: 0.8;
  opacity: 0.55;
}
.hole {
  fill: var(--sheet);
  stroke: none;
}
.touch {
  fill: transparent;
  stroke: none;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.hidden {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.1;
  stroke-dasharray: 5 4;
}
.inside.cone .edge {
  stroke: var(--blue);
  stroke-width: 2;
}
.inside.cone .hole {
  fill: var(--blue-wash);
}
.thin {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
}
.ghost .body {
  fill: none;
  stroke-dasharray: 6 5;
  stroke: var(--ink-2);
}
.problem .body,
.problem .edge {
  stroke: var(--brass-edge);
}
.selected .body {
  stroke: var(--blue);
  stroke-width: 2.6;
}
.selected .edge {
  stroke: var(--blue);
  stroke-width: 2.6;
}
.section:focus-visible .body,
.section:focus-visible .edge {
  stroke: var(--brass-edge);
  stroke-width: 4;
}
.axis {
  stroke: var(--centre);
  stroke-width: 1.1;
  stroke-dasharray: 16 4 3 4;
  pointer-events: none;
}
text {
  font-family: var(--figures);
  font-size: 13.5px;
  fill: var(--ink);
  font-variant-numeric: tabular-nums;
}
.dims text {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}
.leader,
.dim {
  stroke: var(--rule-2);
  stroke-width: 1;
  fill: none;
}
.dim {
  stroke: var(--ink-2);
}
.arrow {
  fill: var(--ink-2);
}
.gap {
  fill: var(--sheet);
}
.picked text {
  fill: var(--blue);
  font-weight: 650;
}
.picked .leader,
.picked .dim {
  stroke: var(--blue);
}
.factor {
  fill: var(--brass);
  font-size: 13px;
}
</style>
