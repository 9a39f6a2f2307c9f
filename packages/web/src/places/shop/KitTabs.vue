<script setup lang="ts">
/** The rooms of Machines and kit. */
const ROOMS = [
  { to: '/machines', label: 'Lathes' },
  { to: '/kit', label: 'Kit' },
  { to: '/pin-block', label: 'Pin block' },
  { to: '/book', label: 'The book' },
];
</script>

<template>
  <nav class="rooms" aria-label="Machines and kit">
    <router-link v-for="room in ROOMS" :key="room.to" :to="room.to">{{ room.label }}</router-link>
  </nav>
</template>

<style scoped>
.rooms {
  display: flex;
  gap: 4px;
  border-bottom: 1px solid var(--rule-2);
}
a {
  min-height: 48px;
  padding: 0 18px;
  display: inline-flex;
  align-items: center;
  text-decoration: none;
  color: var(--ink-2);
  font-weight: 600;
  border-bottom: 3px solid transparent;
}
a.router-link-active {
  color: var(--blue);
  border-bottom-color: var(--blue);
}
</style>
