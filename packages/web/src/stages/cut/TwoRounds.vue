<script setup lang="ts">
import type { Entry } from '@anello/contract';
import { AnelloError, plainText, type Phrase } from '@anello/core';
import { useSessionStorage } from '@vueuse/core';
import { computed } from 'vue';
import { useJobModel } from '../../composables/useJobModel';
import PhraseText from '../../parts/PhraseText.vue';
import QuantityField from '../../parts/QuantityField.vue';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useScreen } from '../../stores/screen';
import type { HoldMethod } from './holdMethods';

/** Held work read twice round: offset told from tilt, near from far, the spindle's runout from the piece's. */
const props = defineProps<{ method: HoldMethod }>();
const job = useJob();
const screen = useScreen();
const preferences = usePreferences();
const model = useJobModel();
const key = computed(() => `anello.hold.${job.id}.${job.piece}.${props.method.id}`);
const given = useSessionStorage<Record<string, Entry>>(key, {});
const resolution = computed(() => model.lathe.value?.indicator ?? 0.01);
const round = (n: 0 | 1): (number | undefined)[] =>
  [1, 2, 3, 4].map((jaw) => given.value[`${n}.${jaw}`]?.value);

function set(name: string, next: Entry | undefined): void {
  const { [name]: _old, ...rest } = given.value;
  given.value = next ? { ...rest, [name]: next } : rest;
}
const found = computed<readonly Phrase[] | null>(() => {
  const [first, second] = [round(0), round(1)];
  const distance = props.method.distance ? given.value['distance']?.value : 1;
  if (distance === undefined || [...first, ...second].some((r) => r === undefined)) return null;
  try {
    return props.method.says(first as number[], second as number[], distance, resolution.value);
  } catch (error) {
    if (error instanceof AnelloError) return [error.phrase];
    throw error;
  }
});

async function keep(): Promise<void> {
  if (!found.value) return;
  const text = `${props.method.title}: ${found.value.map((p) => plainText(p, preferences.units)).join(' ')}`;
  const record = await job.keep({ kind: 'note', text });
  screen.undoable = { text: 'Kept as a note.', run: () => void job.withdraw(record) };
}
</script>

<template>
  <div class="rounds">
    <p class="quiet">{{ method.how }}</p>
    <fieldset v-for="(name, n) in method.rounds" :key="name">
      <legend>{{ name }}</legend>
      <QuantityField
        v-for="jaw in 4"
        :key="jaw"
        :label="`${name}, jaw ${jaw}`"
        dimension="length"
        :model-value="given[`${n}.${jaw}`]"
        :draft-key="`${key}.${n}.${jaw}`"
        @update:model-value="(next) => set(`${n}.${jaw}`, next)"
      />
    </fieldset>
    <QuantityField
      v-if="method.distance"
      class="distance"
      :label="method.distance"
      dimension="length"
      :model-value="given['distance']"
      :draft-key="`${key}.distance`"
      @update:model-value="(next) => set('distance', next)"
    />
    <div v-if="found" class="found" role="status">
      <p v-for="(phrase, index) in found" :key="index"><PhraseText :phrase="phrase" /></p>
      <v-btn @click="keep">Keep as a note</v-btn>
    </div>
    <p v-else class="quiet">The answer appears when both rounds are read.</p>
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
.distance {
  max-width: 280px;
}
.found {
  font-size: 18px;
  font-weight: 600;
  display: grid;
  gap: 8px;
  justify-items: start;
}
</style>
