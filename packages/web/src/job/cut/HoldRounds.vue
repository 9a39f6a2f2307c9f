<script setup lang="ts">
import { AnelloError } from '@anello/core/basics';
import { plainText, type Phrase } from '@anello/core/figure';
import { USUAL_INDICATOR } from '@anello/core/machine';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import { useKeptEntries } from '../model/useKeptEntries';
import KeptBox from '../shared/KeptBox.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import type { HoldMethod } from './holdMethods';

/** Held work read twice round: offset told from tilt, near from far, the spindle's runout from the piece's. */
const props = defineProps<{ method: HoldMethod }>();
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const kept = useKeptEntries(() => `hold.${job.id}.${job.piece}.${props.method.id}`);
const resolution = computed(() => model.lathe.value?.indicator ?? USUAL_INDICATOR);
const round = (n: number): (number | undefined)[] =>
  props.method.places.map((_place, i) => kept.value(`${n}.${i + 1}`));

const found = computed<readonly Phrase[] | null>(() => {
  const rounds = props.method.rounds.map((_name, n) => round(n));
  const distances = props.method.distances.map((_name, n) => kept.value(`distance.${n}`));
  if ([...rounds.flat(), ...distances].some((r) => r === undefined)) return null;
  try {
    return props.method.says(rounds as number[][], distances as number[], resolution.value);
  } catch (error) {
    if (error instanceof AnelloError) return [error.phrase];
    throw error;
  }
});

/** One round needs no name before each of its places. */
const labelOf = (round: string, place: string): string =>
  props.method.rounds.length > 1 ? `${round}, ${place}` : `${place.charAt(0).toUpperCase()}${place.slice(1)}`;

async function keep(): Promise<void> {
  if (!found.value) return;
  const text = `${props.method.title}: ${found.value.map((p) => plainText(p, preferences.units)).join(' ')}`;
  await job.keepAndOffer({ kind: 'note', text }, 'Kept as a note.');
}
</script>

<template>
  <div class="rounds">
    <p class="quiet">{{ method.how }}</p>
    <fieldset v-for="(name, n) in method.rounds" :key="name">
      <legend>{{ name }}</legend>
      <KeptBox
        v-for="(at, i) in method.places"
        :key="at.label"
        :entries="kept"
        :name="`${n}.${i + 1}`"
        :label="labelOf(name, at.label)"
      />
    </fieldset>
    <div v-if="method.distances.length" class="distances">
      <KeptBox
        v-for="(name, n) in method.distances"
        :key="name"
        :entries="kept"
        :name="`distance.${n}`"
        :label="name"
      />
    </div>
    <div v-if="found" class="found" role="status">
      <p v-for="(phrase, index) in found" :key="index"><PhraseText :phrase="phrase" /></p>
      <v-btn @click="keep">Keep as a note</v-btn>
    </div>
    <p v-else class="quiet">The answer appears when all of them are read.</p>
  </div>
</template>

<style scoped>
.rounds {
  display: grid;
  gap: 12px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(150px, 100%), 1fr));
  gap: 12px;
}
legend {
  font-weight: 650;
  padding-bottom: 6px;
}
.distances {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(220px, 100%), 280px));
  gap: 12px;
}
.found {
  font-size: 18px;
  font-weight: 600;
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
