<script setup lang="ts">
import { plungesCurve } from '@anello/core/ways';
import { computed, defineAsyncComponent } from 'vue';
import { useCurve } from './useCurve';
import StepsPanel from './StepsPanel.vue';

/** Cutting a curve: by the table of steps, or a test cut of the form tool's grooves. */
const desk = useCurve();
const TestCutPanel = defineAsyncComponent(() => import('./TestCutPanel.vue'));
const byTool = computed(
  () => desk.plunge.value !== null && (plungesCurve(desk.choice.value.way) || !desk.pieces.value),
);
</script>

<template>
  <TestCutPanel v-if="byTool && desk.plunge.value" :desk="desk" :plunge="desk.plunge.value" />
  <StepsPanel v-else :desk="desk" />
</template>
