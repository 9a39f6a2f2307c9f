<script setup lang="ts">
import { featuresFromOutline } from '@anello/contract';
import { useDrawingTake } from '../../files/read/useDrawingTake';
import FileTake from '../../ui/FileTake.vue';
import NoticeText from '../../ui/NoticeText.vue';
import type { Begun } from './begun';

/** A part begun from a drawing of its outside: cylinders, tapers, chamfers and curves as they are drawn. */
const emit = defineEmits<{ begun: [begun: Begun] }>();
const { unit, axis, said, bad, reading, take } = useDrawingTake();
const MOST = 80;

const takeIn = (file: File): Promise<void> =>
  take(file, null, ({ points }) => {
    const features = featuresFromOutline(points);
    if (features.length > MOST)
      return { refused: `That outline comes to ${features.length} features, more than a part has here.` };
    if (features.length > 0) emit('begun', { title: file.name.replace(/\.[^.]+$/, ''), part: { features } });
    return { count: features.length, of: 'features' };
  });
</script>

<template>
  <section class="file" aria-label="A drawing file">
    <p class="quiet">
      The outside as it is drawn, from one end to the other; holes and threads are added after.
    </p>
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
    <FileTake label="Take in a DXF, SVG or CSV" accept=".dxf,.svg,.csv" @taken="takeIn" />
    <progress
      v-if="reading.part.value !== null"
      :value="reading.part.value"
      aria-label="How much of the file has been read"
    />
    <NoticeText v-else-if="said" :tone="bad ? 'bad' : 'good'">{{ said }}</NoticeText>
  </section>
</template>

<style scoped>
.file {
  display: grid;
  gap: 12px;
}
progress {
  height: 12px;
  accent-color: var(--blue);
  width: 100%;
}
</style>
