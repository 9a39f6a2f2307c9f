<script setup lang="ts">
import { angle, length, ratio } from '@anello/core/figure';
import { COPY_METHODS, type CopyMethod } from '@anello/core/old-part';
import { ratioOf, type Member } from '@anello/core/taper';
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { useCopyForm } from './useCopyForm';
import { useJobModel } from '../../model/useJobModel';
import FigureText from '../../../ui/FigureText.vue';
import MeasureForm from './MeasureForm.vue';
import MethodPicks from '../../../ui/MethodPicks.vue';
import { useJob } from '../../../data/stores/job';
import { useKit } from '../../../data/stores/kit';

/** The cone itself measured while it is still held: its angle as evidence, with the plus or minus of the instruments. */
const props = defineProps<{ member: Member }>();
/** Seldom wanted: fetched when it is. */
const SweptCone = defineAsyncComponent(() => import('./swept/SweptCone.vue'));
const job = useJob();
const kit = useKit();
const model = useJobModel();
onMounted(() => void (kit.loaded || kit.load()));
const open = ref(false);
const OUTSIDE_ONLY = 'rollers';
const INSIDE_ONLY = 'balls';
/** Diameters of a bore are not taken with an outside micrometer. */
const withInside = (method: CopyMethod): CopyMethod => ({
  ...method,
  inputs: method.inputs.map((i) =>
    i.instrument === 'micrometer' && !i.exact ? { ...i, instrument: 'inside' } : i,
  ),
});
const methods =
  props.member === 'external'
    ? COPY_METHODS.filter(({ id }) => id !== INSIDE_ONLY)
    : COPY_METHODS.filter(({ id }) => id !== OUTSIDE_ONLY).map(withInside);
const desk = useCopyForm(`cone.${model.key.value}.${job.piece}`, methods);
const { id, method, answer } = desk;
const found = computed(() => answer.value.found?.taper ?? null);
const off = computed(() => {
  const task = model.taper.value?.task;
  return task && found.value ? (found.value.ratio.value - ratioOf(task.halfAngle)) * task.length : 0;
});

async function keep(): Promise<void> {
  if (!found.value) return;
  const { value, uncertainty } = found.value.ratio;
  await model.keepAndOffer(
    { kind: 'cone', method: method.value.id, ratio: value, uncertainty },
    'Kept as evidence.',
  );
  desk.clear();
  open.value = false;
}
</script>

<template>
  <v-btn :aria-expanded="open" @click="open = !open">{{
    open ? 'Do not measure the cone' : 'Measure the cone itself'
  }}</v-btn>
  <div v-if="open" class="measure">
    <MethodPicks v-model="id" label="How the cone is measured" :methods="methods" />
    <p class="quiet">{{ method.how }}</p>
    <MeasureForm :desk="desk" />
    <SweptCone v-if="id === 'sweep'" :key="model.key.value" />
    <template v-if="found">
      <p>
        It stands at <strong><FigureText :figure="angle(found.halfAngle.value)" /></strong>,
        <FigureText :figure="ratio(found.ratio.value)" />; over the whole cone that is
        <FigureText :figure="length(off, 0.001, { signed: true })" /> on diameter.
      </p>
      <v-btn class="go" @click="keep">Keep it as evidence</v-btn>
    </template>
  </div>
</template>

<style scoped>
.measure {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.measure > * {
  max-width: 100%;
}
</style>
