<script setup lang="ts">
import { mdiFileUploadOutline } from '@mdi/js';
import { ref } from 'vue';

/** A file taken in by a button of this app's own, or by the keyboard. */
withDefaults(defineProps<{ label: string; accept: string; disabled?: boolean; icon?: string }>(), {
  icon: mdiFileUploadOutline,
});
const emit = defineEmits<{ taken: [file: File] }>();
const input = ref<HTMLInputElement | null>(null);
function take(event: Event): void {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (file) emit('taken', file);
  // The same file may be taken again.
  if (input.value) input.value.value = '';
}
</script>

<template>
  <label class="take" :class="{ off: disabled }">
    <v-icon :icon="icon" aria-hidden="true" />
    <span>{{ label }}</span>
    <input
      ref="input"
      class="visually-hidden"
      type="file"
      :accept="accept"
      :disabled="disabled"
      @change="take"
    />
  </label>
</template>

<style scoped>
.take {
  display: inline-flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
  padding: 0 16px;
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  background: var(--sheet);
  font-weight: 600;
  cursor: pointer;
  position: relative;
  width: fit-content;
}
.take:focus-within {
  outline: 3px solid var(--blue);
  outline-offset: 2px;
}
.take.off {
  opacity: 0.55;
  cursor: default;
}
</style>
