<script setup lang="ts">
import type { CurvePoint } from '@anello/core/curve';
import type { PartLayout, PartTaper } from '@anello/core/part';
import { useElementSize } from '@vueuse/core';
import { computed, defineAsyncComponent, ref } from 'vue';
import type { HeldAs } from '../model/heldAs';
import { usePreferences } from '../../data/stores/preferences';
import type { StripHandles, StripMarks } from '../../data/stores/screen';
import { dimensionsOf } from '../../drawing/dimensions';
import DetailMarks from '../../drawing/DetailMarks.vue';
import { markOfDetail } from '../../drawing/markOfDetail';
import HeldEnds from './HeldEnds.vue';
import { placeOn } from '../../drawing/outlinePath';
import { stripScale } from '../../drawing/scale';
import StripDimensions from './StripDimensions.vue';
import StripSection from './StripSection.vue';
import { rowsUnder } from './stripRows';
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
  /** How it is held in the operation in hand; the headstock's jaws on its end where that is not known. */
  heldAs?: HeldAs | null;
  /** Low, without its dimensions: what is scrolled under it wants the room. */
  compact?: boolean;
}>();
const emit = defineEmits<{ pick: [id: string] }>();

const preferences = usePreferences();
const box = ref<HTMLElement | null>(null);
const { width: measured } = useElementSize(box);
const width = computed(() => Math.max(320, measured.value || 1100));
const narrow = computed(() => width.value < 700);
const headroom = computed(() => (props.compact ? 30 : 36));
const tall = computed(() => (props.compact ? 48 : narrow.value ? 80 : 104));
const centre = computed(() => headroom.value + tall.value / 2);

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
const turned = computed(() => (props.heldAs?.turned ? props.layout.length : null));
const place = computed(() => placeOn(scale.value, centre.value, turned.value));
/** While it is not known how it is held: in the chuck by its headstock end, or between the centres. */
const JAWS_REACH = 30;
const usual = computed<HeldAs>(() => ({
  grips: props.betweenCentres ? null : { from: 0, to: JAWS_REACH / scale.value.along },
  turned: false,
  by: 'jaws',
  drawbar: null,
  centreFree: props.betweenCentres,
  centreSpindle: props.betweenCentres,
  said: '',
  look: [],
}));
const ends = computed(() => {
  const [a, b] = [place.value.x(0), place.value.x(props.layout.length)];
  return { start: Math.min(a, b), end: Math.max(a, b) };
});
const textRoom = computed(() => ({ from: 8, to: width.value - 8 }));
const dimensions = computed(() =>
  dimensionsOf(props.layout, place.value, preferences.units, props.selected, textRoom.value),
);

const below = computed(() => centre.value + tall.value / 2 + 6);
const height = computed(() =>
  props.compact ? below.value + 4 : rowsUnder(below.value).length(Math.max(1, dimensions.value.lanes)) + 4,
);

const outside = computed(() => props.layout.sections.filter((s) => s.side === 'external'));
const inside = computed(() => props.layout.sections.filter((s) => s.side === 'internal'));
const details = computed(() => props.layout.details.map(markOfDetail));
const sectioned = computed(() => inside.value.length > 0);

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
      <HeldEnds
        :held="heldAs ?? usual"
        :width="width"
        :centre="centre"
        :tall="tall"
        :start="ends.start"
        :end="ends.end"
        :place="place"
        :layout="layout"
        :narrow="narrow"
      />

      <StripSection
        v-for="section in [...outside, ...inside]"
        :key="section.id"
        :section="section"
        :place="place"
        :name="names[section.id] ?? section.kind"
        :selected="section.id === selected"
        :problem="layout.problems.has(section.id)"
        :sectioned="sectioned"
        @pick="emit('pick', section.id)"
      />

      <DetailMarks
        :marks="details"
        :place="place"
        :names="names"
        :selected="selected"
        @pick="emit('pick', $event)"
      />
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
        :x1="ends.start - (narrow ? 20 : 50)"
        :x2="ends.end + (narrow ? 30 : 96)"
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
      <StripDimensions v-if="!compact" :dimensions="dimensions" :below="below" :selected="selected" />
      <!-- To the left: what is to be looked at first stands over the other corner. -->
      <text v-if="scale.exaggeration" x="14" :y="height - 8" class="factor">
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
.axis {
  stroke: var(--centre);
  stroke-width: 1.1;
  stroke-dasharray: 16 4 3 4;
  pointer-events: none;
}
.factor {
  font-family: var(--figures);
  font-variant-numeric: tabular-nums;
  fill: var(--brass);
  font-size: 13px;
}
</style>
