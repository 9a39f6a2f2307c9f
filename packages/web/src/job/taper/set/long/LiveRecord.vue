<script setup lang="ts">
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import { useKeptEntries } from '../../../model/useKeptEntries';
import KeptBox from '../../../shared/KeptBox.vue';
import { useInUse } from '../../../../data/wire/inUse';
import FigureText from '../../../../ui/FigureText.vue';
import NoticeText from '../../../../ui/NoticeText.vue';
import { useRecording } from './useRecording';

/** Where an instrument is in use: a sweep taken in as the carriage feeds. */
const emit = defineEmits<{ read: [text: string] }>();
const inUse = useInUse();
const kept = useKeptEntries('live-record');
const { running, count, said, creep, begin, end } = useRecording((text) => emit('read', text));
/** A feed is typed where no readout tells the travel; it is a length a minute. */
const feed = computed(() => (inUse.axisOf('travel') ? null : (kept.value('feed') ?? 0)));
const may = computed(() => feed.value === null || feed.value > 0);
</script>

<template>
  <div v-if="inUse.reading !== null || running" class="record">
    <KeptBox v-if="feed !== null" :entries="kept" name="feed" label="Feed, each minute" />
    <v-btn v-if="running" class="go" @click="end">■ End of the sweep, {{ count }} read</v-btn>
    <v-btn v-else :disabled="!may" @click="begin(feed)">● Take it in as the carriage feeds</v-btn>
  </div>
  <NoticeText v-if="creep" tone="warn"
    >While the carriage stands the needle creeps,
    <FigureText :figure="length(creep.perMinute, 0.001, { signed: true })" /> a minute: nip the stand and the
    contact, and let it settle before the next sweep.</NoticeText
  >
  <NoticeText v-if="said" tone="warn">{{ said }}</NoticeText>
</template>

<style scoped>
.record {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
