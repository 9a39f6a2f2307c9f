<script setup lang="ts">
import { length } from '@anello/core/figure';
import type { StepDrawing } from '@anello/core/setting';
import { computed } from 'vue';
import FigureText from '../../../../ui/FigureText.vue';
import { usePreferences } from '../../../../data/stores/preferences';
import { drawn } from '../../../../drawing/dimensions';

/** A setting gauge of the blank's own length, with its centre holes. */
const props = defineProps<{ drawing: Extract<StepDrawing, { kind: 'gauge' }> }>();
const preferences = usePreferences();
const W = 336;
const MIDDLE = 62;
const scale = computed(() => (W - 48) / props.drawing.length);
const r = (d: number): number => Math.min(44, (d / 2) * scale.value * 1.6);
const from = 24;
const to = W - 24;
const cone = computed(() => {
  const { largeDiameter, smallDiameter, taperLength, largeEnd } = props.drawing;
  const span = taperLength * scale.value;
  const [large, small] = [r(largeDiameter), r(smallDiameter)];
  return largeEnd === 'headstock'
    ? `M${from} ${MIDDLE - large}H${to - span}L${to} ${MIDDLE - small}V${MIDDLE + small}L${to - span} ${MIDDLE + large}H${from}Z`
    : `M${from} ${MIDDLE - small}L${from + span} ${MIDDLE - large}H${to}V${MIDDLE + large}H${from + span}L${from} ${MIDDLE + small}Z`;
});
const sunk = computed(() => Math.max(8, props.drawing.centreDepth * scale.value));
const hole = computed(() => Math.max(5, r(props.drawing.centreDiameter)));
const mm = (value: number): string => drawn(value, preferences.units);
</script>

<template>
  <svg :viewBox="`0 0 ${W} 150`" role="img" aria-label="Setting gauge">
    <path :d="cone" class="metal" />
    <path :d="`M${from} ${MIDDLE - hole}L${from + sunk} ${MIDDLE}L${from} ${MIDDLE + hole}`" class="mark" />
    <path :d="`M${to} ${MIDDLE - hole}L${to - sunk} ${MIDDLE}L${to} ${MIDDLE + hole}`" class="mark" />
    <line x1="8" :y1="MIDDLE" :x2="W - 8" :y2="MIDDLE" class="axis" />
    <path :d="`M${from} 118V132M${to} 118V132M${from} 125H${to}`" class="guide" />
    <text :x="W / 2" y="146" text-anchor="middle" class="figure">{{ mm(drawing.length) }}</text>
  </svg>
  <figcaption>
    Cone <FigureText :figure="length(drawing.taperLength, 0.01)" />,
    <FigureText :figure="length(drawing.largeDiameter, 0.01)" /> to
    <FigureText :figure="length(drawing.smallDiameter, 0.01)" />. Countersinks
    <FigureText :figure="length(drawing.centreDiameter, 0.01)" /> across, both alike. Diameters drawn larger.
  </figcaption>
</template>
