<script setup lang="ts">
import { isTaper } from '@anello/core/part';
import type { Entry } from '@anello/contract';
import { GRADES, type Grade } from '@anello/core/taper';
import QuantityField from '../../ui/QuantityField.vue';
import { useJob } from '../../data/stores/job';
import { useJobModel } from '../model/useJobModel';
import { useWork } from '../model/useWork';
import MateBox from './MateBox.vue';

/** How good the shape in hand is to be, and what it is tried in: each has its own. */
const job = useJob();
const model = useJobModel();
const { work, edit } = useWork('taper');

function setZone(next: Entry | undefined): void {
  edit(({ tolerance }) => {
    if (next) tolerance.coneZone = next;
    else delete tolerance.coneZone;
  });
}
const setStandOff = (next: Entry | undefined): void =>
  edit(({ tolerance }) => next && void (tolerance.standOff = next));
const setGrade = (grade: Grade): void => edit(({ tolerance }) => void (tolerance.grade = grade));
</script>

<template>
  <section
    v-if="model.shape.value"
    class="sheet shape"
    :aria-label="`How ${model.shape.value.name} is proved`"
  >
    <h2 v-if="model.shapes.value.length > 1" class="wide">{{ model.shape.value.name }}</h2>
    <MateBox :key="model.key.value" :kind="model.shape.value.kind" class="wide" />
    <p v-if="isTaper(model.shape.value)" class="wide mate">
      <template v-if="work.mateJob"
        >Its mate is made in
        <router-link :to="`/job/${work.mateJob.id}`">{{ work.mateJob.number }}</router-link>, on the same
        setting.</template
      >
      <v-btn
        v-else-if="model.taper.value"
        :to="`/new?mate=${encodeURIComponent(job.id)}&feature=${encodeURIComponent(model.shape.value.feature)}`"
        >Make its mate</v-btn
      >
    </p>
    <template v-if="isTaper(model.shape.value)">
      <v-select
        label="Angle grade"
        :items="GRADES"
        :model-value="work.tolerance.grade"
        @update:model-value="setGrade"
      />
      <QuantityField
        :key="`zone ${model.key.value}`"
        label="Or a zone"
        dimension="length"
        :model-value="work.tolerance.coneZone"
        :draft-key="`${model.key.value}.zone`"
        @update:model-value="setZone"
      />
      <QuantityField
        :key="`stand-off ${model.key.value}`"
        class="wide"
        label="Stand-off may be out by"
        dimension="length"
        required
        :model-value="work.tolerance.standOff"
        :draft-key="`${model.key.value}.standoff`"
        @update:model-value="setStandOff"
      />
    </template>
  </section>
</template>

<style scoped>
.shape {
  padding: 16px;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 12px;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
h2 {
  font-size: 17px;
  font-weight: 650;
}
</style>
