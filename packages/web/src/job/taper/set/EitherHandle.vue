<script setup lang="ts">
import type { TravelAlong } from '@anello/core/gauging';
import PickOne from '../../../ui/PickOne.vue';

/** Which handle a travel was read on, where either might have been turned. */
const along = defineModel<TravelAlong>({ required: true });
const HANDLES = [
  { value: 'slide', title: 'Travel by the slide’s dial' },
  { value: 'axis', title: 'Travel along the bed' },
] as const;
</script>

<template>
  <PickOne v-model="along" :picks="HANDLES" label="What the travel is measured along" />
</template>
