<script setup lang="ts">
import { angle } from '@anello/core/figure';
import type { StepDrawing } from '@anello/core/setting';
import { computed } from 'vue';
import FigureText from '../../../../ui/FigureText.vue';

/** The lathe from above: which way the compound swings from the bed for this cone. */
const props = defineProps<{ drawing: Extract<StepDrawing, { kind: 'swing' }> }>();
/** A slow taper is drawn steeper than it is, or it could not be seen to be swung at all. */
const SEEN = (14 / 180) * Math.PI;
const LENGTH = 112;
const CX = 168;
const CY = 132;

const drawnAngle = computed(() => Math.max(props.drawing.halfAngle, SEEN));
const steeper = computed(() => props.drawing.halfAngle < SEEN);
/** The side of the cone nearest the operator runs outward toward its large end. */
const sense = computed(() => (props.drawing.largeEnd === 'headstock' ? -1 : 1));
const degrees = computed(() => (sense.value * drawnAngle.value * 180) / Math.PI);
const half = 58;
const rise = computed(() => Math.min(30, 2 * half * Math.tan(drawnAngle.value)));
const near = 16;
const left = computed(() => (props.drawing.largeEnd === 'headstock' ? near + rise.value : near));
const right = computed(() => (props.drawing.largeEnd === 'headstock' ? near : near + rise.value));
const AXIS = 56;
const cone = computed(
  () =>
    `M${CX - half} ${AXIS - left.value}L${CX + half} ${AXIS - right.value}V${AXIS + right.value}L${CX - half} ${AXIS + left.value}Z`,
);
/** The arc from the scale's zero to where the slide points. */
const arc = computed(() => {
  // Counted on the operator's side, clear of the work.
  const from = props.drawing.zero === 'along' ? 0 : 90;
  const radius = 74;
  const point = (deg: number): string => {
    const rad = (deg * Math.PI) / 180;
    return `${CX + radius * Math.cos(rad)} ${CY + radius * Math.sin(rad)}`;
  };
  // From across, the scale counts to the end of the slide that swings toward it: 90° less the half angle.
  const acrossTo = sense.value < 0 ? 180 + degrees.value : degrees.value;
  const to = props.drawing.zero === 'along' ? degrees.value : acrossTo;
  return `M${point(from)}A${radius} ${radius} 0 0 ${to > from ? 1 : 0} ${point(to)}`;
});
</script>

<template>
  <svg viewBox="0 0 336 216" role="img" aria-label="The compound seen from above">
    <rect x="6" y="24" width="54" height="64" class="metal" rx="4" />
    <text x="10" y="18">headstock</text>
    <text x="330" y="18" text-anchor="end">tailstock</text>
    <line x1="4" :y1="AXIS" x2="332" :y2="AXIS" class="axis" />
    <path v-if="drawing.member === 'external'" :d="cone" class="metal" />
    <g v-else>
      <rect :x="CX - half" :y="AXIS - 48" :width="2 * half" height="96" class="metal" rx="2" />
      <path :d="cone" class="hollow" />
    </g>
    <line v-if="drawing.zero === 'along'" :x1="CX - 120" :y1="CY" :x2="CX + 130" :y2="CY" class="guide" />
    <line v-else :x1="CX" :y1="CY - 20" :x2="CX" :y2="CY + 82" class="guide" />
    <g :transform="`rotate(${degrees} ${CX} ${CY})`">
      <rect :x="CX - LENGTH / 2" :y="CY - 17" :width="LENGTH" height="34" class="slide" rx="5" />
      <rect :x="CX - 16" :y="CY - 26" width="32" height="32" class="metal" rx="3" />
      <line :x1="CX + LENGTH / 2" :y1="CY" :x2="CX + LENGTH / 2 + 22" :y2="CY" class="mark" />
      <circle :cx="CX + LENGTH / 2 + 30" :cy="CY" r="9" class="metal" />
    </g>
    <path :d="arc" class="mark" />
    <text x="6" y="208">you stand here</text>
    <text x="330" y="208" text-anchor="end">handle end</text>
  </svg>
  <figcaption>
    Swung <FigureText :figure="angle(drawing.halfAngle)" /> from the bed, drawn from above{{
      steeper ? ', steeper than it is' : ''
    }}.<template v-if="drawing.zero === 'across'"> This scale counts from across the bed.</template>
  </figcaption>
</template>

<style scoped>
.slide {
  fill: var(--blue-wash);
  stroke: var(--blue);
  stroke-width: 1.6;
}
.hollow {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}
</style>
