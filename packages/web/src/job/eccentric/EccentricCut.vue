<script setup lang="ts">
import {
  counterweight,
  lightSide,
  speedAtThrow,
  USUAL_CARRIAGE_TOOLS,
  type CarriageTools,
  type EccentricPart,
} from '@anello/core/eccentric';
import { count, degrees, TENTH_OF_DEGREE } from '@anello/core/figure';
import { computed } from 'vue';
import { useEccentric } from './useEccentric';
import { useJobModel } from '../model/useJobModel';
import { useMaterial } from '../model/useMaterial';
import { useStageScreen } from '../model/useStageScreen';
import FigureText from '../../ui/FigureText.vue';
import { useJob } from '../../data/stores/job';
import BeforePower from './BeforePower.vue';
import CarriageTable from './CarriageTable.vue';
import EccentricLength from './EccentricLength.vue';
import MadeAtThrow from './MadeAtThrow.vue';
import SetScrewBox from './SetScrewBox.vue';

/** Before power, then at that setting: clearance, balance and speed, bore, carriage positions, set-screw. */
const props = defineProps<{ part: EccentricPart }>();
const job = useJob();
const model = useJobModel();
const desk = useEccentric();
const { row: material } = useMaterial();
const speed = computed(() =>
  material.value
    ? speedAtThrow({
        part: props.part,
        material: material.value,
        tool: job.document?.cut.tool ?? 'hss',
        speeds: model.lathe.value?.speeds ?? [],
      })
    : null,
);
const weight = computed(() => {
  const radius = desk.choice.value.weightAt?.value;
  const still = speed.value?.still;
  return radius && still
    ? {
        grams: 1000 * counterweight({ unbalance: still.unbalance, radius }),
        at: lightSide(still),
      }
    : null;
});
const TOOLS: readonly { key: keyof CarriageTools; label: string }[] = [
  { key: 'grooveTool', label: 'Grooving tool, width' },
  { key: 'partTool', label: 'Parting tool, width' },
  { key: 'leastLand', label: 'Thinnest land' },
];
useStageScreen({
  across: () =>
    speed.value
      ? { step: ['Spindle, no faster than'], label: 'turns a minute', figure: count(speed.value.set) }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Cutting at the throw">
      <BeforePower :desk="desk" :part="part" :speed="speed" />
      <MadeAtThrow :desk="desk" :part="part" />
      <CarriageTable :desk="desk" :part="part" />
    </section>
    <aside class="side">
      <EccentricLength
        v-for="tool in TOOLS"
        :key="tool.key"
        :desk="desk"
        :name="tool.key"
        :label="tool.label"
        :usual="USUAL_CARRIAGE_TOOLS[tool.key]"
      />
      <EccentricLength :desk="desk" name="clear" label="Axis to the tool, drawn back" />
      <EccentricLength :desk="desk" name="weightAt" label="Counterweight sits at a radius of" />
      <p v-if="weight">
        Bolt <strong><FigureText :figure="count(weight.grams)" /> g</strong> opposite the heavy side,
        <FigureText :figure="degrees(weight.at, TENTH_OF_DEGREE)" /> from zero: it then runs still.
      </p>
      <SetScrewBox :desk="desk" :part="part" />
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
