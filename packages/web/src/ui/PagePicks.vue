<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js';
import { ref } from 'vue';
import type { Pages } from './usePages';

/** Which of a long list is shown, and the way to the rest of it. */
const props = defineProps<{ pages: Pages; count: number; what: string; one: string }>();
const wanted = ref('');

function go(): void {
  const number = Number(wanted.value);
  if (Number.isInteger(number) && number >= 1) props.pages.show(number - 1);
  wanted.value = '';
}
</script>

<template>
  <nav class="pages" :aria-label="`Which ${what.toLowerCase()} are shown`">
    <v-btn
      :icon="mdiChevronLeft"
      :disabled="pages.first.value === 0"
      :aria-label="`${what} before these`"
      @click="pages.turn(-1)"
    />
    <span class="fig" aria-live="polite">
      {{ what }} {{ pages.first.value + 1 }} to {{ pages.end.value }} of {{ count }}
    </span>
    <v-btn
      :icon="mdiChevronRight"
      :disabled="pages.end.value >= count"
      :aria-label="`${what} after these`"
      @click="pages.turn(1)"
    />
    <v-text-field
      v-model="wanted"
      :label="`Go to ${one}`"
      inputmode="numeric"
      autocomplete="off"
      hide-details
      @keydown.enter="go"
      @blur="go"
    />
  </nav>
</template>

<style scoped>
.pages {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
.pages .v-text-field {
  max-width: 150px;
}
</style>
