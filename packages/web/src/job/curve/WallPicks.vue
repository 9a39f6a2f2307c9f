<script setup lang="ts">
import type { CurveDesk } from './useCurve';
import PickOne from '../../ui/PickOne.vue';

/** Which wall a bore is cut on: on the far one the slide moves the other way, and its drawing is turned over. */
defineProps<{ desk: CurveDesk }>();
const WALLS = [
  { value: 'near', title: 'Near wall' },
  { value: 'far', title: 'Far wall' },
] as const;
</script>

<template>
  <PickOne
    :model-value="desk.choice.value.wall ?? 'near'"
    :picks="WALLS"
    label="The bore is cut on"
    @update:model-value="(wall) => desk.change({ wall })"
  />
</template>
