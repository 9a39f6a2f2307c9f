<script setup lang="ts" generic="T extends string | number | boolean">
/** One of a few: a button for each, side by side; where a line has no room for them there are two. */
defineProps<{
  readonly picks: readonly { readonly value: T; readonly title: string }[];
  readonly label: string;
}>();
const picked = defineModel<T>({ required: true });
</script>

<template>
  <div class="picks" role="group" :aria-label="label">
    <button
      v-for="{ value, title } in picks"
      :key="`${value}`"
      type="button"
      class="plain"
      :aria-pressed="picked === value"
      @click="picked = value"
    >
      {{ title }}
    </button>
  </div>
</template>

<style scoped>
.picks {
  display: inline-flex;
  flex-wrap: wrap;
  max-width: 100%;
  border-radius: 8px;
}
button {
  min-height: 48px;
  padding: 0 12px;
  text-align: center;
  font-weight: 600;
  border: 1px solid var(--rule-2);
  background: var(--sheet);
  color: var(--ink);
}
button:first-child {
  border-radius: 8px 0 0 8px;
}
button:last-child {
  border-radius: 0 8px 8px 0;
}
[aria-pressed='true'] {
  border: 2px solid var(--blue);
  color: var(--blue);
}
</style>
