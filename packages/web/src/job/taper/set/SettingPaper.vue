<script setup lang="ts">
import { nudgeTable } from '@anello/core/setting';
import { computed } from 'vue';
import type { Sheet } from '../../../files/sheet';
import { useJob } from '../../../data/stores/job';
import { usePreferences } from '../../../data/stores/preferences';
import { useJobModel } from '../../model/useJobModel';
import PaperButton from '../../shared/PaperButton.vue';

/** The setting of the shape in hand on paper: its cards, with room to write and what to nudge. */
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const shape = computed(() => model.shape.value);
const title = computed(() => `${job.document?.number ?? ''} setting ${shape.value?.name ?? ''}`);
async function sheets(): Promise<readonly Sheet[] | null> {
  const { settingSheet } = await import('../../../files/paper/settingSheet');
  const { document } = job;
  const [way, context, of] = [model.way.value, model.context.value, shape.value];
  if (!document || !way || !context || !of) return null;
  return settingSheet({
    number: document.number,
    title: `${of.name}: ${model.wayChosen.value?.title ?? ''}`,
    facts: [document.title, [model.lathe.value?.name, model.school.value?.title].filter(Boolean).join(' · ')],
    address: `${location.origin}/job/${job.id}/set/${encodeURIComponent(of.feature)}`,
    cards: model.steps.value.map((step) => ({
      step,
      nudges: step.sweep ? nudgeTable(way, context, step.sweep) : [],
    })),
    units: preferences.units,
    paper: preferences.paper,
  });
}
</script>

<template>
  <PaperButton label="Setting sheet, PDF" :title="title" :sheets="sheets" />
</template>
