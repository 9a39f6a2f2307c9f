<script setup lang="ts">
import { coreFeatures } from '@anello/contract';
import { badCombinations } from '@anello/core/plan';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';

/** Figures of this job that cannot go together, said at once. */
const job = useJob();
const model = useJobModel();
const found = computed(() => {
  const { value: cut } = model.cutFigures;
  return cut
    ? badCombinations({
        features: coreFeatures(job.document?.features ?? []),
        task: model.taper.value?.task ?? null,
        lathe: model.lathe.value,
        way: model.way.value,
        cut,
      })
    : [];
});
</script>

<template>
  <NoticeText v-for="one in found" :key="one.field" tone="bad"><PhraseText :phrase="one.said" /></NoticeText>
</template>
