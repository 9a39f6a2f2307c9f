<script setup lang="ts">
import { HELD } from '../../../data/names';
import { useHeld } from '../../../data/useHeld';
import { AnelloError } from '@anello/core/basics';
import { count, length, plainText } from '@anello/core/figure';
import { bearingDiameter, driveUp, ELASTIC, type DriveUp, type ElasticName } from '@anello/core/gauging';
import { outsideDiameter } from '@anello/core/part';
import { computed } from 'vue';
import { useJobModel } from '../../model/useJobModel';
import { useKeptEntries } from '../../model/useKeptEntries';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import QuantityField from '../../../ui/QuantityField.vue';
import { usePreferences } from '../../../data/stores/preferences';

/** A hub driven up its taper: interference, pressure and how near it comes to splitting. A check, not a design. */
const preferences = usePreferences();
const model = useJobModel();
const kept = useKeptEntries(() => `drive.${model.key.value}`);
const { key } = kept;
const hubOf = useHeld<ElasticName>(HELD.hub, 'steel');
const MATERIALS = (Object.keys(ELASTIC) as ElasticName[]).map((value) => ({ value, title: value }));
/** Over this part of yield a qualified person should have been asked long before. */
const WARN = 0.5;

const outside = computed(() => outsideDiameter(model.layout.value));
const answer = computed<{ found: DriveUp | null; error: AnelloError | null }>(() => {
  const task = model.taper.value?.task;
  const advance = kept.value('advance');
  const hubDiameter = kept.value('hubDiameter') ?? outside.value;
  if (!task || advance === undefined || hubDiameter === null) return { found: null, error: null };
  try {
    const found = driveUp({
      diameter: bearingDiameter(task),
      halfAngle: task.halfAngle,
      advance,
      hubDiameter,
      shaftBore: kept.value('shaftBore') ?? 0,
      hub: ELASTIC[hubOf.value],
      shaft: ELASTIC.steel,
    });
    return { found, error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { found: null, error };
    throw error;
  }
});
const at = (field: string): string | undefined =>
  answer.value.error?.field === field ? plainText(answer.value.error.phrase, preferences.units) : undefined;
const FIELDS = [
  { key: 'advance', label: 'Driven on from where it seats' },
  { key: 'hubDiameter', label: 'Hub, outside' },
  { key: 'shaftBore', label: 'Hole through the shaft' },
] as const;
</script>

<template>
  <section class="drive sheet" aria-label="Driven up">
    <h2 class="label">Driven up its taper</h2>
    <QuantityField
      v-for="field in FIELDS"
      :key="field.key"
      :label="field.label"
      dimension="length"
      :model-value="kept.entry(field.key)"
      :draft-key="`${key}.${field.key}`"
      :error="at(field.key)"
      @update:model-value="(next) => kept.set(field.key, next)"
    />
    <v-select v-model="hubOf" label="Hub of" :items="MATERIALS" />
    <template v-if="answer.found">
      <p class="big"><FigureText :figure="length(answer.found.interference, 0.001)" /></p>
      <p class="quiet">
        interference on diameter; about <FigureText :figure="count(answer.found.pressure)" /> MPa between
        them, <FigureText :figure="count(answer.found.hoop)" /> MPa round the bore of the hub
      </p>
      <NoticeText :tone="answer.found.ofYield > WARN ? 'bad' : 'warn'"
        >{{ answer.found.shaftOfYield > answer.found.hubOfYield ? 'The shaft' : 'The hub' }} is at about
        <FigureText :figure="{ quantity: 'percent', value: answer.found.ofYield }" /> of what usual
        {{ answer.found.shaftOfYield > answer.found.hubOfYield ? 'steel' : hubOf }} yields at, by the largest
        difference of stresses, keyways and notches not counted. A check by thick-cylinder theory only: a
        qualified person decides, and the drawing comes first.</NoticeText
      >
    </template>
  </section>
</template>

<style scoped>
.drive {
  padding: 12px 14px;
  display: grid;
  gap: 12px;
}
.big {
  font-size: 30px;
  font-weight: 650;
}
</style>
