<script setup lang="ts">
import { computed } from 'vue';
import { useOutbox } from '../data/stores/outbox';
import { saveFile } from './saveFile';

/** Everything that lies in this browser alone, as a file to carry off: for when it is not known when the server is back. */
const outbox = useOutbox();
const held = computed(() => outbox.waiting.length + outbox.refused.length + outbox.drafts.length);
function toFile(): void {
  saveFile('anello-waiting.json', 'application/json', `${JSON.stringify(outbox.held(), null, 2)}\n`);
}
</script>

<template>
  <button v-if="held > 0" type="button" class="plain save" @click="toFile">
    Save what waits as a file ({{ held }})
  </button>
</template>

<style scoped>
.save {
  min-height: 32px;
  padding: 0 6px;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
