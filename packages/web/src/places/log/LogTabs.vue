<script setup lang="ts">
import RoomTabs from '../../ui/RoomTabs.vue';

/** The rooms of the logbook. */
const ROOMS = [
  { to: '/log', label: 'What was kept' },
  { to: '/lost', label: 'What was lost' },
];
</script>

<template>
  <RoomTabs label="Logbook" :rooms="ROOMS" />
</template>
