<script setup lang="ts">
import { MOST_POINTS } from '@anello/contract';
import type { Piece } from '@anello/core/curve';
import type { ReadProfile } from '../../../files/read/readProfile';
import { useDrawingTake } from '../../../files/read/useDrawingTake';
import { useKeptEntries } from '../../model/useKeptEntries';
import { saveFile, fileName } from '../../../files/saveFile';
import FileTake from '../../../ui/FileTake.vue';
import KeptBox from '../../shared/KeptBox.vue';
import NoticeText from '../../../ui/NoticeText.vue';

/** A profile taken in from a file, its unit and axis chosen, and given out again in open formats. */
const props = defineProps<{ name: string; pieces: readonly Piece[] }>();
const emit = defineEmits<{ taken: [points: ReadProfile['points']] }>();
const kept = useKeptEntries('profile-file');
const { unit, axis, said, bad, reading, take } = useDrawingTake();
const LEAST = 2;

const takeIn = (file: File): Promise<void> =>
  take(file, kept.value('axis') ?? null, ({ points }) => {
    if (points.length > MOST_POINTS) return { refused: tooMany(points.length) };
    if (points.length < LEAST) return { count: 0, of: 'points' };
    emit('taken', points);
    return { count: points.length, of: 'points' };
  });
const tooMany = (count: number): string =>
  `That drawing comes to ${count} points, and a profile takes ${MOST_POINTS}: draw it with fewer, or take a part of it.`;

async function give(format: 'dxf' | 'svg' | 'csv'): Promise<void> {
  const { profileCsv, profileSheet } = await import('../../../files/write/writeProfile');
  if (format === 'csv') {
    saveFile(fileName(props.name, 'csv'), 'text/csv', await profileCsv(props.pieces));
    return;
  }
  const { exportSheet } = await import('../../../files/write/export');
  const { type, content } = await exportSheet(profileSheet(props.name, props.pieces), format);
  saveFile(fileName(props.name, format), type, content);
}
</script>

<template>
  <details>
    <summary>Take it from a file, or save it as one</summary>
    <div class="row">
      <v-select
        v-model="unit"
        label="One unit in it is"
        :items="[
          { value: 'file', title: 'as the file says' },
          { value: 'mm', title: '1 mm' },
          { value: 'inch', title: '1 inch' },
        ]"
      />
      <v-select
        v-model="axis"
        label="Its axis lies"
        :items="[
          { value: 'x', title: 'along x' },
          { value: 'y', title: 'along y' },
        ]"
      />
      <KeptBox :entries="kept" name="axis" label="Axis at, as drawn" dimension="number" />
      <FileTake label="Take in a DXF, SVG or CSV" accept=".dxf,.svg,.csv" @taken="takeIn" />
    </div>
    <div v-if="reading.part.value !== null" class="row">
      <progress :value="reading.part.value" aria-label="How much of the file has been read" />
      <v-btn @click="reading.stop()">Call it off</v-btn>
    </div>
    <NoticeText v-else-if="said" :tone="bad ? 'bad' : 'good'">{{ said }}</NoticeText>
    <div v-if="pieces.length" class="row">
      <v-btn @click="give('dxf')">Save as DXF</v-btn>
      <v-btn @click="give('svg')">SVG</v-btn>
      <v-btn @click="give('csv')">CSV</v-btn>
    </div>
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  line-height: 48px;
  cursor: pointer;
  color: var(--blue);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin-bottom: 10px;
}
.row .v-select,
.row .v-text-field {
  min-width: 160px;
}
progress {
  flex: 1;
  min-width: 160px;
  height: 12px;
  accent-color: var(--blue);
}
</style>
