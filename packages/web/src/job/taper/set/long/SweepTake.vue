<script setup lang="ts">
import { computed, ref } from 'vue';
import type { WorkerTask } from '../../../../data/worker/useWorkerTask';
import FileTake from '../../../../ui/FileTake.vue';
import NoticeText from '../../../../ui/NoticeText.vue';
import LiveRecord from './LiveRecord.vue';
import StationTable from './StationTable.vue';
import { stationsOf } from './typedStations';

/** Where readings all along come from: a file, typing, or an instrument as the carriage feeds; and how far they are looked at. */
defineProps<{ title: string; task: WorkerTask<unknown> }>();
const text = defineModel<string>({ required: true });
/** Readings taken in are other readings. */
const emit = defineEmits<{ taken: [] }>();
/** Typed at stations, or pasted as a whole; what is in another form than the table's is only shown as it is. */
const by = ref<'stations' | 'paste' | null>(null);
const tabled = computed(() => stationsOf(text.value) !== null);
function take(all: string): void {
  emit('taken');
  text.value = all;
}
</script>

<template>
  <header class="top">
    <h2>{{ title }}</h2>
    <FileTake
      label="A file of readings"
      accept=".csv,.txt,.tsv,text/csv,text/plain"
      @taken="async (file) => take(await file.text())"
    />
    <v-btn v-if="tabled" :aria-pressed="by === 'stations'" @click="by = by === 'stations' ? null : 'stations'"
      >Type at stations</v-btn
    >
    <v-btn :aria-pressed="by === 'paste'" @click="by = by === 'paste' ? null : 'paste'">Paste</v-btn>
    <v-btn v-if="text" @click="take('')">Clear</v-btn>
  </header>
  <LiveRecord @read="take" />
  <StationTable v-if="by === 'stations' && tabled" v-model="text" />
  <v-textarea
    v-if="by === 'paste'"
    v-model="text"
    label="Travel and reading, a pair a line"
    rows="5"
    class="figures-in"
    placeholder="0, 0&#10;5, 0.126&#10;10, 0.251"
  />
  <p v-if="task.busy.value && task.slow.value" class="quiet" role="status">
    Looking at it, {{ Math.round(100 * task.part.value) }} % <v-btn @click="task.stop()">Stop</v-btn>
  </p>
  <NoticeText v-if="task.error.value" tone="warn">{{ task.error.value.sentence }}</NoticeText>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: center;
}
h2 {
  font-size: 18px;
  font-weight: 650;
  margin-right: auto;
}
</style>
