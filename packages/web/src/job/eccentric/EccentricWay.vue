<script setup lang="ts">
import type { EccentricPart } from '@anello/core/eccentric';
import { computed } from 'vue';
import { useEccentric } from './useEccentric';
import { useWayChoice } from '../way/useWayChoice';
import WayCards from '../way/WayCards.vue';

/** The ways of making an eccentric on this lathe; one recommended, the user's choice kept. */
defineProps<{ part: EccentricPart }>();
const { ways: found, choice, choose } = useEccentric();
const desk = {
  ways: computed(() => found.value?.assessments ?? []),
  recommended: computed(() => found.value?.recommended?.id ?? null),
  chosen: computed(() => choice.value.way ?? null),
  choose,
};
useWayChoice(desk);
</script>

<template>
  <WayCards :desk="desk" none="No way works on this lathe as it is recorded." />
</template>
