<script setup lang="ts">
import type { CurveDesk } from './useCurve';

/** Which wall a bore is cut on: on the far one the slide moves the other way, and its drawing is turned over. */
defineProps<{ desk: CurveDesk }>();
</script>

<template>
  <v-btn-toggle :model-value="desk.choice.value.wall ?? 'near'" mandatory aria-label="The bore is cut on">
    <v-btn value="near" @click="desk.change({ wall: 'near' })">Near wall</v-btn>
    <v-btn value="far" @click="desk.change({ wall: 'far' })">Far wall</v-btn>
  </v-btn-toggle>
</template>
