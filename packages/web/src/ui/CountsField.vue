<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import { parseCounts, type CountRange } from '@anello/core/quantity';
import { ref, watch } from 'vue';

/** A list of whole numbers as typed; what is none of them is said at the box and kept there. */
const props = defineProps<{ label: string; range: CountRange }>();
const counts = defineModel<number[]>({ required: true });
const text = ref(counts.value.join(', '));
const problem = ref('');
watch(text, (typed) => {
  try {
    counts.value = parseCounts(typed, props.range);
    problem.value = '';
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    problem.value = error.message;
  }
});
</script>

<template>
  <v-text-field
    v-model="text"
    class="wide figures-in"
    :label="label"
    :error-messages="problem"
    autocomplete="off"
  />
</template>
