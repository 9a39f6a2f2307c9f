<script setup lang="ts">
import { computed } from 'vue';
import InspectionPaper from './InspectionPaper.vue';
import SheetButton from '../plan/SheetButton.vue';
import { useJob } from '../../data/stores/job';

/** The job on paper, and as files for another shop or a table of figures. */
defineProps<{ piece: number }>();
const job = useJob();
const id = computed(() => encodeURIComponent(job.id));
</script>

<template>
  <section class="sheet away" aria-label="This job to take away">
    <h2>To take away</h2>
    <SheetButton />
    <InspectionPaper :piece="piece" />
    <v-btn :href="`/api/shop/bundle.zip?jobs=${id}`" :download="`${job.id}.anello.zip`"
      >The job as a file</v-btn
    >
    <v-btn :href="`/api/log.csv?job=${id}`" :download="`${job.id}.csv`">What was kept, as CSV</v-btn>
  </section>
</template>

<style scoped>
.away {
  padding: 14px 16px;
  display: grid;
  gap: 10px;
}
h2 {
  font-size: 17px;
  font-weight: 650;
}
</style>
