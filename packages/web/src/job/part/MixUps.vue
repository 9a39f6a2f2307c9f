<script setup lang="ts">
import { coreFeatures, entry, type Entry, type FeatureDocument } from '@anello/contract';
import { featureMixUps, inDivisions, type SuspectFigure, isTaper } from '@anello/core/part';
import { computed } from 'vue';
import { useFeatureEdit } from './useFeatureEdit';
import { useJobModel } from '../model/useJobModel';
import FigureText from '../../ui/FigureText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';

/** Figures that look like a rounding, or like one taken for another: what it costs, and the right one to take. */
const props = defineProps<{ feature: FeatureDocument }>();
const model = useJobModel();
const job = useJob();
/** Figures taken from a table are not suspected. */
const found = computed(() => {
  const { feature } = props;
  if (isTaper(feature) && feature.series) return [];
  const dial = model.lathe.value?.dial;
  return coreFeatures([feature])
    .flatMap(featureMixUps)
    .map((one) => ({ ...one, onDial: dial ? inDivisions(one.cost.value, dial) : null }));
});

function take(one: SuspectFigure): void {
  const { id } = props.feature;
  const { setField } = useFeatureEdit(() => id);
  const before = (props.feature as unknown as Record<string, Entry | undefined>)[one.key];
  setField(one.key, entry(one.offer, one.dimension));
  job.offerBack(`${one.offer} taken.`, () => setField(one.key, before));
}
</script>

<template>
  <ul v-if="found.length" class="mixups">
    <li v-for="one in found" :key="one.key" role="status">
      <p><PhraseText :phrase="one.said" /></p>
      <p>
        It costs <strong><FigureText :figure="one.cost" /></strong> {{ one.where
        }}<template v-if="one.onDial">, <FigureText :figure="one.onDial" /> divisions of the dial</template>.
      </p>
      <v-btn @click="take(one)"
        >Use <span class="fig offer">{{ one.offer }}</span></v-btn
      >
    </li>
  </ul>
</template>

<style scoped>
.mixups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
li {
  border-left: 4px solid var(--brass-edge);
  background: var(--brass-wash);
  border-radius: 0 8px 8px 0;
  padding: 10px 14px;
  display: grid;
  gap: 6px;
  justify-items: start;
}
.offer {
  margin-left: 6px;
}
</style>
