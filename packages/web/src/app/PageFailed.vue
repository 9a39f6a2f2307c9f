<script setup lang="ts">
import NoticeText from '../ui/NoticeText.vue';

/** A page that could not be drawn, with what stood in its way. Whatever was typed and kept is where it was. */
defineProps<{ error: unknown }>();
const emit = defineEmits<{ again: [] }>();
const said = (error: unknown): string =>
  error instanceof Error && 'code' in error ? error.message : 'Something in it is not as it should be.';
</script>

<template>
  <main class="failed">
    <h1>This page could not be shown</h1>
    <NoticeText tone="bad">{{ said(error) }}</NoticeText>
    <p>
      What was kept is kept. Go on at the rack, or try it once more; the fault is in this page, not in the
      shop’s book.
    </p>
    <p class="row">
      <v-btn class="go" to="/rack">To the rack</v-btn>
      <v-btn @click="emit('again')">Try again</v-btn>
    </p>
  </main>
</template>

<style scoped>
.failed {
  padding: 24px;
  display: grid;
  gap: 16px;
  align-content: start;
  max-width: 720px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
