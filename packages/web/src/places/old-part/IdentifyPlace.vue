<script setup lang="ts">
import { entry } from '@anello/contract';
import { exactText, formatFigure, length, ratio, snap } from '@anello/core/figure';
import { COPY_METHODS } from '@anello/core/old-part';
import { computed, onMounted, ref } from 'vue';
import { useCopyForm } from '../../job/taper/prove/useCopyForm';
import CopiedFigures from './CopiedFigures.vue';
import MatchTable from './MatchTable.vue';
import MeasureForm from '../../job/taper/prove/MeasureForm.vue';
import MethodPicks from '../../ui/MethodPicks.vue';
import ShopTaperForm from '../tapers/ShopTaperForm.vue';
import { useKit } from '../../data/stores/kit';

/** An old part measured one of four ways: which taper it is, and how sure that is with these instruments. */
const kit = useKit();
onMounted(() => void (kit.loaded || kit.load()));
const desk = useCopyForm('copy');
const { id, method, answer, weakest } = desk;

/** A diameter is written down no finer than it was measured. */
const MEASURED = 0.001;
const saving = ref(false);
const start = computed(() => {
  const taper = answer.value.found?.taper;
  if (!taper) return {};
  const found = { ratio: entry(formatFigure(ratio(taper.ratio.value), 'mm'), 'taper') };
  if (!taper.large) return found;
  const measured = length(snap(taper.large.value, MEASURED));
  return { ...found, gaugeDiameter: entry(exactText(measured)) };
});
</script>

<template>
  <main class="page">
    <p><router-link to="/tapers" class="quiet">Tapers</router-link></p>
    <h1>Copy an old part</h1>
    <MethodPicks v-model="id" label="How it is measured" :methods="COPY_METHODS" />
    <p class="quiet intro">{{ method.how }}</p>
    <MeasureForm :desk="desk" />
    <template v-if="answer.found">
      <CopiedFigures :taper="answer.found.taper" :found="answer.found.identified" :weakest="weakest" />
      <MatchTable :found="answer.found.identified" />
      <p><v-btn @click="saving = true">Save it as our own taper</v-btn></p>
      <ShopTaperForm v-model="saving" :start="start" />
    </template>
    <p v-else-if="!answer.error" class="quiet">The answer appears when all of them are given.</p>
  </main>
</template>

<style scoped>
.intro {
  max-width: 80ch;
}
</style>
