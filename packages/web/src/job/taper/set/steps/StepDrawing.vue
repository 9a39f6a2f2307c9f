<script setup lang="ts">
import type { StepDrawing } from '@anello/core/setting';
import GaugeDrawing from './GaugeDrawing.vue';
import HeightShape from './HeightShape.vue';
import PinsDrawing from './PinsDrawing.vue';
import SineBarDrawing from './SineBarDrawing.vue';
import SwingPlan from './SwingPlan.vue';

/** The picture that belongs to a card. */
defineProps<{ drawing: StepDrawing }>();
</script>

<template>
  <figure class="sheet step-drawing">
    <SwingPlan v-if="drawing.kind === 'swing'" :drawing="drawing" />
    <HeightShape v-else-if="drawing.kind === 'height'" :drawing="drawing" />
    <GaugeDrawing v-else-if="drawing.kind === 'gauge'" :drawing="drawing" />
    <SineBarDrawing v-else-if="drawing.kind === 'sine-bar'" :drawing="drawing" />
    <PinsDrawing v-else :drawing="drawing" />
  </figure>
</template>

<style>
.step-drawing {
  margin: 0;
  padding: 8px 10px;
}
.step-drawing svg {
  display: block;
  width: 100%;
  height: auto;
}
.step-drawing figcaption {
  font-size: 14px;
  color: var(--ink-2);
  padding-top: 4px;
}
.step-drawing text {
  font-family: var(--words);
  font-size: 13px;
  fill: var(--ink-2);
}
.step-drawing text.figure {
  font-family: var(--figures);
  fill: var(--ink);
  font-size: 14px;
}
.step-drawing .metal {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 1.4;
}
.step-drawing .axis {
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 12 4 2 4;
  fill: none;
}
.step-drawing .guide {
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 4 4;
  fill: none;
}
.step-drawing .mark {
  stroke: var(--blue);
  stroke-width: 2;
  fill: none;
}
.step-drawing .warn {
  stroke: var(--red);
  stroke-width: 2;
  fill: none;
}
</style>
