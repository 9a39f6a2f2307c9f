<script setup lang="ts">
import { computed } from 'vue';
import { clockAhead } from '../data/clock';
import { leaveNewVersion, newVersionOffered, takeNewVersion } from '../data/newVersion';
import WaitingFile from '../files/WaitingFile.vue';
import { useOutbox } from '../data/stores/outbox';
import { usePeople } from '../data/stores/people';
import { storeTrouble } from '../data/trouble';
import { placeUnfetched } from '../data/unfetched';

const people = usePeople();
const outbox = useOutbox();

/** What is the matter with keeping, for as long as it is: this browser's store, its clock; and a newer Anello, where there is one. */
const clock = computed(() => {
  const ahead = clockAhead.value;
  if (ahead === null) return null;
  const [by, which] = [Math.abs(ahead), ahead > 0 ? 'ahead of' : 'behind'];
  return `This device’s clock is ${by} minutes ${which} the server’s: set it, or what is kept here goes into the wrong order.`;
});
</script>

<template>
  <aside v-if="storeTrouble || clock" class="slip" role="status" aria-label="About keeping">
    <p v-if="storeTrouble">{{ storeTrouble }}</p>
    <p v-if="clock">{{ clock }}</p>
    <WaitingFile v-if="storeTrouble" />
  </aside>
  <aside v-if="outbox.away && placeUnfetched" class="slip" role="status">
    <p>{{ placeUnfetched }} is not in this browser yet: it opens when the server is back.</p>
  </aside>
  <aside v-if="people.looksOnly" class="slip" role="status" aria-label="Who is signed in">
    <p>
      Signed in as {{ people.who?.name }}, to look: nothing is kept from here. Whoever may change things says
      so under People.
    </p>
  </aside>
  <aside v-if="newVersionOffered" class="slip new" role="status" aria-label="A newer Anello">
    <p>A newer Anello is here. What you have typed stays as it is.</p>
    <v-btn size="small" @click="takeNewVersion()">Begin anew with it</v-btn>
    <v-btn size="small" variant="text" @click="leaveNewVersion()">Later</v-btn>
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
