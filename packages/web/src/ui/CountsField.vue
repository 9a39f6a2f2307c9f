<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import { parseCounts, type CountRange } from '@anello/core/quantity';
import { computed } from 'vue';
import { useTypedText } from './useTypedText';

/** A list of whole numbers as typed; what is none of them is said at the box and kept there. */
const props = defineProps<{
  label: string;
  range: CountRange;
  /** Names this box, so that unreadable text is still there after a reload. */
  draftKey: string;
}>();
const counts = defineModel<number[]>({ required: true });
function tried(typed: string): { found: number[] | null; problem: string } {
  try {
    return { found: parseCounts(typed, props.range), problem: '' };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return { found: null, problem: error.message };
  }
}
const text = useTypedText(props.draftKey, () => counts.value, {
  write: (all) => all.join(', '),
  read: (typed) => tried(typed).found,
});
const problem = computed(() => tried(text.value).problem);
function typed(next: string): void {
  text.value = next;
  const { found } = tried(next);
  if (found) counts.value = found;
}
</script>

<template>
  <v-text-field
    class="wide figures-in"
    :model-value="text"
    :label="label"
    :error-messages="problem"
    autocomplete="off"
    @update:model-value="typed"
  />
</template>
