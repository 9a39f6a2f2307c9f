<script setup lang="ts">
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { AnelloError } from '@anello/core/basics';
import { length } from '@anello/core/figure';
import { trueingLimit, trueUp, TRUEING_SCHOOLS, type TrueingSchool, type TrueUp } from '@anello/core/holding';
import { ofKind } from '@anello/core/job';
import { USUAL_INDICATOR } from '@anello/core/machine';
import { computed } from 'vue';
import { useJobModel } from '../model/useJobModel';
import { useKeptEntries } from '../model/useKeptEntries';
import JawPlan from '../../drawing/JawPlan.vue';
import FigureText from '../../ui/FigureText.vue';
import KeptBox from '../shared/KeptBox.vue';
import LiveSwing from '../shared/LiveSwing.vue';
import { typedEntry } from '../../ui/typedEntry';
import MethodPicks from '../../ui/MethodPicks.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { HOLD_METHODS } from './holdMethods';
import HoldRounds from './HoldRounds.vue';
import PickOne from '../../ui/PickOne.vue';

/** Work trued in a four-jaw from four readings, or as many as there are: which jaw, which way, how far. */
const job = useJob();
const model = useJobModel();
const kept = useKeptEntries(() => `hold.${job.id}.${job.piece}`);
const school = useHeld<TrueingSchool>(HELD.holdSchool, TRUEING_SCHOOLS[0]);
const FOUR = { id: 'four', title: 'Four jaws' };
const method = useHeld<string>(HELD.holdMethod, FOUR.id);
const inRounds = computed(() => HOLD_METHODS.find((m) => m.id === method.value) ?? null);
const SCHOOLS: readonly { value: TrueingSchool; title: string }[] = [
  { value: 'half', title: 'Half the difference' },
  { value: 'highs', title: 'Highs only' },
];
const resolution = computed(() => model.lathe.value?.indicator ?? USUAL_INDICATOR);
const usualLimit = computed(() =>
  trueingLimit({
    indicator: resolution.value,
    zone: model.taper.value?.task.tolerance.overLength,
  }),
);
const limit = computed(() => kept.value('limit') ?? usualLimit.value);
const readings = computed(() => [1, 2, 3, 4].map((jaw) => kept.value(String(jaw)) ?? null));
const found = computed<TrueUp | null>(() => {
  if (readings.value.every((r) => r === null)) return null;
  try {
    return trueUp({
      readings: readings.value,
      limit: limit.value,
      school: school.value,
      resolution: resolution.value,
    });
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
});
const tries = computed(() => ofKind(model.records.value, 'held', job.piece));

/** The one worth most, or the first that is not read. */
const nextJaw = computed(
  () => found.value?.readNext ?? [1, 2, 3, 4].find((jaw) => readings.value[jaw - 1] === null) ?? null,
);
function take(jaw: number, text: string): void {
  kept.set(String(jaw), typedEntry(text, 'length', 'mm'));
}

async function keep(): Promise<void> {
  const { swing = null, inside = false } = found.value ?? {};
  // One jaw alone tells no swing.
  if (swing === null) return;
  await model.keepAndOffer(
    {
      kind: 'held',
      readings: readings.value,
      limit: limit.value,
      swing,
      inside,
    },
    'Try kept.',
  );
  kept.clear('limit');
}
</script>

<template>
  <section class="hold sheet" aria-label="Hold it true">
    <h2>Hold it true in the four-jaw</h2>
    <MethodPicks v-model="method" label="How it is read" :methods="[FOUR, ...HOLD_METHODS]" />
    <HoldRounds v-if="inRounds" :key="inRounds.id" :method="inRounds" />
    <template v-else>
      <p class="quiet">
        Turn it by hand and type what the needle shows with each jaw up; higher is more. Any two opposite ones
        say something already.
      </p>
      <LiveSwing
        :resolution="resolution"
        :wanted="0"
        :within="limit"
        :next="nextJaw === null ? null : `Jaw ${nextJaw} up`"
        @take="(text) => nextJaw !== null && take(nextJaw, text)"
      />
      <div class="split-in">
        <div class="boxes">
          <KeptBox
            v-for="jaw in 4"
            :key="jaw"
            :entries="kept"
            :name="String(jaw)"
            :label="found?.readNext === jaw ? `Jaw ${jaw}, read next` : `Jaw ${jaw}`"
          />
          <KeptBox :entries="kept" name="limit" label="Swing allowed" />
          <PickOne v-model="school" :picks="SCHOOLS" class="schools" label="How the jaws are moved" />
        </div>
        <div v-if="found" class="answer">
          <template v-if="found.swing !== null">
            <p class="label">It swings</p>
            <p class="big"><FigureText :figure="length(found.swing, resolution)" large /></p>
            <p class="quiet">good enough at <FigureText :figure="length(limit, resolution)" /></p>
            <JawPlan :at="found.fit" :moves="found.moves" :resolution="resolution" />
          </template>
          <NoticeText :tone="found.inside ? 'good' : 'warn'"><PhraseText :phrase="found.said" /></NoticeText>
          <v-btn v-if="found.swing !== null" class="go" @click="keep">Keep this try and read again</v-btn>
        </div>
      </div>
      <p v-if="tries.length" class="quiet">
        Tries so far:
        <template v-for="(t, i) in tries" :key="t.id"
          ><FigureText :figure="length(t.body.swing, resolution)" />{{
            i < tries.length - 1 ? ' → ' : ''
          }}</template
        >
      </p>
    </template>
    <NoticeText tone="bad"
      >Spindle out of gear and turned by hand; chuck key out before it runs. The machine’s manual and the
      shop’s rules come first.</NoticeText
    >
  </section>
</template>

<style scoped>
.hold {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
h2 {
  font-size: 18px;
  font-weight: 650;
}
.split-in {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
  gap: 14px 24px;
  align-items: start;
}
.boxes {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 14px 12px;
  align-items: start;
}
.schools {
  grid-column: 1 / -1;
  height: auto;
  flex-wrap: wrap;
  gap: 8px;
}
.big {
  font-size: 42px;
  font-weight: 650;
  line-height: 1.1;
}
.answer {
  display: grid;
  gap: 6px;
}
</style>
