<script setup lang="ts">
import RoomTabs from '../../ui/RoomTabs.vue';

/** The rooms of Machines and kit. */
const ROOMS = [
  { to: '/machines', label: 'Lathes' },
  { to: '/kit', label: 'Kit' },
  { to: '/pin-block', label: 'Pin block' },
  { to: '/people', label: 'People' },
  { to: '/book', label: 'The book' },
];
</script>

<template>
  <RoomTabs label="Machines and kit" :rooms="ROOMS" />
</template>
