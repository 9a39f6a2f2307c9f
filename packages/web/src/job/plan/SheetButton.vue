<script setup lang="ts">
import { computed } from 'vue';
import type { Sheet } from '../../files/sheet';
import { useJob } from '../../data/stores/job';
import PaperButton from '../shared/PaperButton.vue';
import { useJobSheet } from './useJobSheet';

/** The whole job on paper. */
const job = useJob();
const given = useJobSheet();
const title = computed(() => `${job.document?.number ?? ''} ${job.document?.title ?? ''}`);
async function sheets(): Promise<readonly Sheet[] | null> {
  const { jobSheet } = await import('../../files/paper/jobSheet');
  const all = given();
  return all && jobSheet(all);
}
</script>

<template>
  <PaperButton label="Job sheet, PDF" :title="title" :sheets="sheets" />
</template>
