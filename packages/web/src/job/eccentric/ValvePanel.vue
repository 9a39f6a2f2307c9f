<script setup lang="ts">
import { useJobModel } from '../model/useJobModel';
import { entry, type Entry } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { USUAL_VALVE, valveMotion, type EccentricPart, type ValveGear } from '@anello/core/eccentric';
import { angle, length, plainText } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { useStageScreen } from '../model/useStageScreen';
import ValveChart from './ValveChart.vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { usePreferences } from '../../data/stores/preferences';
import PickOne from '../../ui/PickOne.vue';

/** Where a valve eccentric is keyed to the crank, and when its ports open and close. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const model = useJobModel();
const preferences = usePreferences();
type Valve = NonNullable<EccentricDesk['choice']['value']['valve']>;
const USUAL: Valve = {
  lap: entry(`${USUAL_VALVE.lap} mm`),
  lead: entry(`${USUAL_VALVE.lead} mm`),
  exhaustLap: entry(`${USUAL_VALVE.exhaustLap} mm`),
  drive: 'direct',
  turns: 'anticlockwise',
};
const valve = computed<Valve>(() => props.desk.choice.value.valve ?? USUAL);
const gear = computed<ValveGear>(() => ({
  throw: props.part.throw,
  lap: valve.value.lap?.value ?? 0,
  lead: valve.value.lead?.value ?? 0,
  exhaustLap: valve.value.exhaustLap?.value ?? 0,
  drive: valve.value.drive,
  turns: valve.value.turns,
}));
const found = computed(() => {
  try {
    return { motion: valveMotion(gear.value), error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { motion: null, error };
    throw error;
  }
});
const at = (field: string): string | undefined =>
  found.value.error?.field === field ? plainText(found.value.error.phrase, preferences.units) : undefined;
const change = (more: Partial<Valve>): void => props.desk.change({ valve: { ...valve.value, ...more } });
const DRIVES = [
  { value: 'direct', title: 'Direct' },
  { value: 'rocking-lever', title: 'Rocking lever' },
] as const;
const TURNS = [
  { value: 'anticlockwise', title: 'Anticlockwise' },
  { value: 'clockwise', title: 'Clockwise' },
] as const;
const BOXES = [
  { key: 'lap', label: 'Lap' },
  { key: 'lead', label: 'Lead' },
  { key: 'exhaustLap', label: 'Exhaust lap' },
] as const;
const setBox = (key: (typeof BOXES)[number]['key'], next: Entry | undefined): void => change({ [key]: next });
useStageScreen({
  across: () =>
    found.value.motion
      ? {
          step: ['Key the eccentric'],
          label: found.value.motion.fromCrank > 0 ? 'ahead of the crank' : 'behind the crank',
          figure: angle(Math.abs(found.value.motion.fromCrank)),
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Valve motion">
      <article class="card sheet">
        <h2>Key the eccentric to the crank</h2>
        <div v-if="found.motion" class="figures">
          <div>
            <p class="label">
              {{
                found.motion.fromCrank > 0
                  ? 'Ahead of the crank, as it turns'
                  : 'Behind the crank, as it turns'
              }}
            </p>
            <p class="big"><FigureText :figure="angle(Math.abs(found.motion.fromCrank))" large /></p>
            <p class="quiet">
              angle of advance <FigureText :figure="angle(found.motion.advance)" />; the port opens
              <FigureText :figure="length(found.motion.opens, 0.01)" /> at the most
            </p>
          </div>
        </div>
        <p v-else class="quiet">Lap, lead and throw do not go together yet: see the boxes at the right.</p>
        <ValveChart v-if="found.motion" :gear="gear" :motion="found.motion" />
      </article>
    </section>
    <aside class="side">
      <QuantityField
        v-for="box in BOXES"
        :key="box.key"
        :label="box.label"
        dimension="length"
        :model-value="valve[box.key]"
        :draft-key="`${model.key.value}.valve.${box.key}`"
        :error="at(box.key)"
        @update:model-value="(next) => setBox(box.key, next)"
      />
      <PickOne
        :model-value="valve.drive"
        :picks="DRIVES"
        label="How the valve is driven"
        @update:model-value="(drive) => change({ drive })"
      />
      <PickOne
        :model-value="valve.turns"
        :picks="TURNS"
        label="Which way the crank turns"
        @update:model-value="(turns) => change({ turns })"
      />
      <NoticeText tone="plain"
        >Rods are taken as long, so the valve moves as a plain sine; a short rod shifts the two ends apart by
        a little. To reverse, turn the eccentric to the same angle on the other side of the crank.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
