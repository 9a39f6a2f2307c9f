<script setup lang="ts">
import { useRoute } from 'vue-router';

/** The rooms of a place, side by side; what lies in one, as a thing among the kit, is that room still. */
defineProps<{ label: string; rooms: readonly { readonly to: string; readonly label: string }[] }>();
const route = useRoute();
const isIn = (to: string): boolean => `${route.path}/`.startsWith(`${to}/`);
</script>

<template>
  <nav class="rooms" :aria-label="label">
    <router-link v-for="room in rooms" :key="room.to" :to="room.to" :class="{ on: isIn(room.to) }">{{
      room.label
    }}</router-link>
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
a.on {
  color: var(--blue);
  border-bottom-color: var(--blue);
}
@media (max-width: 640px) {
  .rooms {
    flex-wrap: wrap;
  }
  a {
    padding: 0 12px;
  }
}
</style>
