<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js';
import { ref } from 'vue';
import { PAPERS } from '../../files/paper/pages';
import { fileName, saveFile } from '../../files/saveFile';
import type { Sheet } from '../../files/sheet';
import MethodPicks from '../../ui/MethodPicks.vue';
import { isUnfetched } from '../../data/unfetched';
import { usePreferences } from '../../data/stores/preferences';

/** A sheet on paper: made when it is asked for, on the paper that stands in the printer. */
const props = defineProps<{
  label: string;
  /** What the file is called. */
  title: string;
  sheets: () => Promise<readonly Sheet[] | null>;
  /** Another button beside it asks for the paper. */
  bare?: boolean;
}>();
const preferences = usePreferences();
const making = ref(false);
const failed = ref(false);
const papers = Object.entries(PAPERS).map(([id, { title }]) => ({ id, title }));

async function make(): Promise<void> {
  making.value = true;
  failed.value = false;
  try {
    const [sheets, { toPdf }] = await Promise.all([props.sheets(), import('../../files/write/toPdf')]);
    if (!sheets) return;
    saveFile(fileName(props.title, 'pdf'), 'application/pdf', (await toPdf(...sheets)) as BlobPart);
  } catch (error) {
    if (!isUnfetched(error)) throw error;
    failed.value = true;
  } finally {
    making.value = false;
  }
}
</script>

<template>
  <div class="paper">
    <MethodPicks
      v-if="!bare"
      :model-value="preferences.paper"
      label="Paper"
      :methods="papers"
      @update:model-value="(id: string) => (preferences.paper = id as keyof typeof PAPERS)"
    />
    <v-btn :prepend-icon="mdiPrinterOutline" :loading="making" @click="make">{{ label }}</v-btn>
    <p v-if="failed" class="quiet" role="status">
      What makes the sheet could not be fetched. Load the page again when the server answers.
    </p>
  </div>
</template>

<style scoped>
.paper {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
