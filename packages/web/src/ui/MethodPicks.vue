<script setup lang="ts">
/** A row of ways to do a thing, one of them picked. */
const picked = defineModel<string>({ required: true });
defineProps<{ label: string; methods: readonly { readonly id: string; readonly title: string }[] }>();
</script>

<template>
  <nav class="methods" :aria-label="label">
    <button
      v-for="one in methods"
      :key="one.id"
      type="button"
      class="plain"
      :class="{ on: one.id === picked }"
      :aria-pressed="one.id === picked"
      @click="picked = one.id"
    >
      {{ one.title }}
    </button>
  </nav>
</template>

<style scoped>
.methods {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
button {
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--sheet);
  font-weight: 600;
}
button.on {
  border: 2px solid var(--blue);
  color: var(--blue);
}
</style>
