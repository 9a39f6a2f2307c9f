<script setup lang="ts">
import { computed } from 'vue';
import { clockAhead } from '../data/clock';
import { saveFile } from '../files/saveFile';
import { storeTrouble } from '../data/trouble';
import { useOutbox } from '../data/stores/outbox';

/** What is the matter with keeping, for as long as it is: this browser's store, its clock; and what waits, as a file. */
const outbox = useOutbox();
const clock = computed(() => {
  const ahead = clockAhead.value;
  if (ahead === null) return null;
  const [by, which] = [Math.abs(ahead), ahead > 0 ? 'ahead of' : 'behind'];
  return `This device’s clock is ${by} minutes ${which} the server’s: set it, or what is kept here goes into the wrong order.`;
});
const held = computed(() => outbox.waiting.length + outbox.refused.length + outbox.drafts.length);
function toFile(): void {
  saveFile('anello-waiting.json', 'application/json', `${JSON.stringify(outbox.held(), null, 2)}\n`);
}
</script>

<template>
  <aside v-if="storeTrouble || clock" class="slip" role="status" aria-label="About keeping">
    <p v-if="storeTrouble">{{ storeTrouble }}</p>
    <p v-if="clock">{{ clock }}</p>
    <v-btn v-if="storeTrouble && held > 0" size="small" @click="toFile"
      >Save what waits as a file ({{ held }})</v-btn
    >
  </aside>
</template>

<style scoped>
.slip {
  flex: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  padding: 8px 18px;
  background: var(--brass-wash);
  color: var(--ink);
  font-size: 15px;
}
</style>
