<script setup lang="ts">
import {
  nextPacking,
  packingPlan,
  throwFromPacking,
  type EccentricPart,
  type JawFace,
} from '@anello/core/eccentric';
import { length } from '@anello/core/figure';
import { computed } from 'vue';
import type { EccentricDesk } from './useEccentric';
import { useJobModel } from '../model/useJobModel';
import { useKeptEntries } from '../model/useKeptEntries';
import { useStageScreen } from '../model/useStageScreen';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import HowWorked from '../../ui/HowWorked.vue';
import KeptBox from '../shared/KeptBox.vue';
import NoticeText from '../../ui/NoticeText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import PickOne from '../../ui/PickOne.vue';

/** One jaw of a three-jaw packed: how thick for these jaws, what it gives as made, and the next after a first reading. */
const props = defineProps<{ desk: EccentricDesk; part: EccentricPart }>();
const job = useJob();
const model = useJobModel();
const preferences = usePreferences();
const jaws = computed<JawFace>(() => props.desk.choice.value.jaws ?? 'narrow');
const FACES = [
  { value: 'narrow' as const, title: 'Narrow jaws' },
  { value: 'wide' as const, title: 'Wide, flat jaws' },
];
const plan = computed(() => {
  const { diameter, throw: e } = props.part;
  return tried(
    () => packingPlan({ diameter, throw: e, jaws: jaws.value, step: props.desk.step }),
    preferences.units,
  );
});
const kept = useKeptEntries(() => `packing.${model.key.value}.${job.piece}`);
const packed = computed(() => props.desk.choice.value.packing?.value ?? plan.value.found?.made ?? 0);
/** What the packing as made would give, before anything is read. */
const gives = computed(() =>
  tried(
    () => throwFromPacking({ diameter: props.part.diameter, packing: packed.value, jaws: jaws.value }),
    preferences.units,
  ),
);
const next = computed(() => {
  const seen = kept.value('seen');
  return seen === undefined
    ? NOTHING_TRIED
    : tried(
        () => nextPacking({ packing: packed.value, wanted: props.part.throw, swing: seen }),
        preferences.units,
      );
});
const allowed = props.desk.limit;
const right = computed(
  () =>
    next.value.found !== null && 2 * Math.abs(next.value.found.throwNow - props.part.throw) <= allowed.value,
);
async function keepTry(): Promise<void> {
  const { found } = next.value;
  if (!found) return;
  await model.keepAndOffer(
    {
      kind: 'thrown',
      eccentric: props.part.id,
      wanted: props.part.throw,
      now: found.throwNow,
      x: null,
      y: null,
      inside: right.value,
    },
    'Try kept.',
  );
}
const working = computed(() => {
  const { found } = plan.value;
  if (!found) return [];
  const e = length(props.part.throw, 0.001);
  const r = length(props.part.diameter / 2, 0.001);
  return [
    jaws.value === 'narrow'
      ? {
          tex: '1.5 \\times #0 - #1 + \\sqrt{#1^2 - 0.75 \\times #0^2} = #2',
          figures: [e, r, length(found.exact, 0.001)],
          note: ['narrow jaws bear on their centre line only'] as const,
        }
      : {
          tex: '1.5 \\times #0 = #1',
          figures: [e, length(found.exact, 0.001)],
          note: ['wide jaws bear as flats'] as const,
        },
    {
      tex: '#0 \\neq #1',
      figures: [length(found.exact, 0.001), e],
      note: ['packing taken as the throw itself would leave the travel short'] as const,
      confusion: true,
    },
  ];
});
useStageScreen({
  across: () =>
    plan.value.found
      ? {
          step: ['Pack one jaw with'],
          label: 'packing',
          figure: length(plan.value.found.made, props.desk.step),
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Packing one jaw">
      <article class="card sheet">
        <h2>Pack one jaw of the three-jaw with</h2>
        <PickOne
          :model-value="jaws"
          :picks="FACES"
          label="Jaw faces"
          @update:model-value="(faces) => desk.change({ jaws: faces })"
        />
        <NoticeText v-if="plan.said" tone="bad">{{ plan.said }}</NoticeText>
        <div v-if="plan.found" class="figures">
          <div>
            <p class="label">Packing, as it can be measured</p>
            <p class="big"><FigureText :figure="length(plan.found.made, desk.step)" large /></p>
            <p class="quiet">
              exactly <FigureText :figure="length(plan.found.exact, 0.001)" />; rounding leaves
              <FigureText :figure="length(plan.found.travelError, 0.001, { signed: true })" /> in the travel
            </p>
          </div>
          <div>
            <p class="label">
              {{ jaws === 'narrow' ? 'Wide, flat jaws would want' : 'Narrow jaws would want' }}
            </p>
            <p class="middle"><FigureText :figure="length(plan.found.otherFace, desk.step)" /></p>
          </div>
        </div>
      </article>
      <article class="sheet panel">
        <h2>After the first reading</h2>
        <div class="boxes">
          <QuantityField
            label="Packing as made"
            dimension="length"
            :model-value="desk.choice.value.packing"
            :draft-key="`${model.key.value}.packing`"
            :error="gives.said || undefined"
            @update:model-value="(entry) => desk.setLength('packing', entry)"
          />
          <KeptBox :entries="kept" name="seen" label="Whole swing read" :error="next.said || undefined" />
        </div>
        <p v-if="gives.found !== null" class="quiet">
          By the sum this packing throws <FigureText :figure="length(gives.found, 0.001)" />.
        </p>
        <template v-if="next.found">
          <p role="status">
            It throws <strong><FigureText :figure="length(next.found.throwNow, 0.001)" /></strong> now.
            <template v-if="right">That is right.</template>
            <template v-else
              >Next packing <strong><FigureText :figure="length(next.found.packing, 0.001)" /></strong>,
              <FigureText :figure="length(next.found.change, 0.001, { signed: true })" />: one and a half
              times what the throw is out, since the two plain jaws let the work come in half as far
              again.</template
            >
          </p>
          <v-btn class="go" @click="keepTry">Keep this reading</v-btn>
        </template>
      </article>
    </section>
    <aside class="side">
      <template v-if="working.length">
        <h2 class="label">How it is worked</h2>
        <HowWorked :lines="working" />
      </template>
      <NoticeText tone="bad"
        >The packing must not slip: full length of the jaw, no oil under it. Turn it by hand before power;
        slow, small cuts.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
