<script setup lang="ts">
import { featuresFromOutline } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { plainText, type Phrase } from '@anello/core/figure';
import { ref } from 'vue';
import { useProfileFile } from '../../files/read/useProfileFile';
import type { AxisAlong } from '../../files/read/drawing';
import type { FileUnit } from '../../files/read/readProfile';
import FileTake from '../../ui/FileTake.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { usePreferences } from '../../data/stores/preferences';
import type { Begun } from './begun';

/** A part begun from a drawing of its outside: cylinders, tapers, chamfers and curves as they are drawn. */
const emit = defineEmits<{ begun: [begun: Begun] }>();
const preferences = usePreferences();
const unit = ref<FileUnit>('file');
const axis = ref<AxisAlong>('x');
const said = ref('');
const bad = ref(false);
const reading = useProfileFile();
const MOST = 80;

const inWords = (phrases: readonly Phrase[]): string =>
  phrases.map((phrase) => plainText(phrase, preferences.units)).join(', ');
function say(text: string, isBad = false): void {
  said.value = text;
  bad.value = isBad;
}

async function take(file: File): Promise<void> {
  try {
    const read = await reading.read(file, { unit: unit.value, axis: axis.value, axisAt: null });
    if (!read) return say('Called off.');
    const features = featuresFromOutline(read.points);
    if (features.length === 0)
      return say(`Nothing was taken in: ${inWords(read.left) || 'no outline in it'}.`, true);
    if (features.length > MOST)
      return say(`That outline comes to ${features.length} features, more than a part has here.`, true);
    say(
      `${features.length} features taken in${read.taken ? `; ${inWords([read.taken])}` : ''}.${read.left.length ? ` Left out: ${inWords(read.left)}.` : ''}`,
    );
    emit('begun', { title: file.name.replace(/\.[^.]+$/, ''), part: { features } });
  } catch (error) {
    say(
      error instanceof AnelloError
        ? plainText(error.phrase, preferences.units)
        : 'That file could not be read: DXF, SVG and CSV can.',
      true,
    );
  }
}
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
    <FileTake label="Take in a DXF, SVG or CSV" accept=".dxf,.svg,.csv" @taken="take" />
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
