<script setup lang="ts">
import type { Entry, JobDocument } from '@anello/contract';
import { computed } from 'vue';
import QuantityField from '../../parts/QuantityField.vue';
import { useJob } from '../../stores/job';

/** What the passes are counted from: stock, depth of a roughing cut, the last stock, the allowance. */
defineProps<{ end: string }>();
const job = useJob();
const cut = computed(() => (job.document as JobDocument).cut);

type Figure = Exclude<keyof JobDocument['cut'], 'risk'>;
function set(key: Figure, next: Entry | undefined): void {
  job.edit((draft) => {
    if (next) draft.cut[key] = next;
    else if (key === 'stock' || key === 'feed' || key === 'noseRadius') delete draft.cut[key];
  });
}
const FIELDS: readonly { key: Figure; label: (end: string) => string; required: boolean }[] = [
  { key: 'stock', label: (end) => `Stock at the ${end}, diameter`, required: false },
  { key: 'roughDepth', label: () => 'Deepest roughing cut, on radius', required: true },
  { key: 'lastStock', label: () => 'Last stock, on diameter, in three cuts', required: true },
  { key: 'allowance', label: () => 'Allowance kept on, on diameter', required: true },
  { key: 'feed', label: () => 'Feed per turn, under power', required: false },
  { key: 'noseRadius', label: () => 'Nose of the tool, radius', required: false },
];
</script>

<template>
  <section class="fields" aria-label="What the passes are counted from">
    <QuantityField
      v-for="field in FIELDS"
      :key="field.key"
      :label="field.label(end)"
      dimension="length"
      :model-value="cut[field.key]"
      :required="field.required"
      :draft-key="`${job.id}.cut.${field.key}`"
      @update:model-value="(next) => set(field.key, next)"
    />
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 14px;
  padding-top: 6px;
}
</style>
