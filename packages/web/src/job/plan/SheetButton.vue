<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js';
import { ref } from 'vue';
import { PAPERS } from '../../files/paper/pages';
import { fileName, saveFile } from '../../files/saveFile';
import MethodPicks from '../../ui/MethodPicks.vue';
import { isUnfetched } from '../../data/unfetched';
import { usePreferences } from '../../data/stores/preferences';
import { useJobSheet } from './useJobSheet';

/** The job on paper: made when it is asked for, on the paper that stands in the printer. */
const preferences = usePreferences();
const given = useJobSheet();
const making = ref(false);
const failed = ref(false);
const papers = Object.entries(PAPERS).map(([id, { title }]) => ({ id, title }));

async function make(): Promise<void> {
  const job = given();
  if (!job) return;
  making.value = true;
  failed.value = false;
  try {
    const [{ jobSheet }, { toPdf }] = await Promise.all([
      import('../../files/paper/jobSheet'),
      import('../../files/write/toPdf'),
    ]);
    const pdf = await toPdf(...jobSheet(job));
    saveFile(fileName(`${job.number} ${job.title}`, 'pdf'), 'application/pdf', pdf as BlobPart);
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
      :model-value="preferences.paper"
      label="Paper"
      :methods="papers"
      @update:model-value="(id: string) => (preferences.paper = id as keyof typeof PAPERS)"
    />
    <v-btn :prepend-icon="mdiPrinterOutline" :loading="making" @click="make">Job sheet, PDF</v-btn>
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
