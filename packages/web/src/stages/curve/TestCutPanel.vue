<script setup lang="ts">
import type { Entry } from '@anello/contract';
import { length, plainText, testCut, type GrooveCheck, type Plunge } from '@anello/core';
import { useSessionStorage } from '@vueuse/core';
import { computed } from 'vue';
import type { CurveDesk } from '../../composables/useCurve';
import { useCut } from '../../composables/useCut';
import { useStageScreen } from '../../composables/useStageScreen';
import FigureText from '../../parts/FigureText.vue';
import NoticeText from '../../parts/NoticeText.vue';
import PhraseText from '../../parts/PhraseText.vue';
import QuantityField from '../../parts/QuantityField.vue';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useScreen } from '../../stores/screen';
import CurveLength from './CurveLength.vue';

/** A test cut in soft stock, groove by groove: what depth brings all of them right, or where the tool must be reground. */
const props = defineProps<{ desk: CurveDesk; plunge: Plunge }>();
const job = useJob();
const screen = useScreen();
const cut = useCut();
const preferences = usePreferences();
const given = useSessionStorage<Record<string, Entry>>(`anello.test-cut.${job.id}.${job.piece}`, {});
const set = (key: string, next: Entry | undefined): void => {
  const { [key]: _old, ...rest } = given.value;
  given.value = next ? { ...rest, [key]: next } : rest;
};
const checks = computed<GrooveCheck[]>(() =>
  props.plunge.grooves.flatMap((g) => {
    const [seenWidth, seenBottom] = [
      given.value[`${g.id}.width`]?.value,
      given.value[`${g.id}.bottom`]?.value,
    ];
    return seenWidth === undefined || seenBottom === undefined
      ? []
      : [
          {
            name: g.name,
            width: g.width,
            bottom: g.bottom,
            seenWidth,
            seenBottom,
            widthBand: props.desk.length('widthBand'),
            bottomBand: props.desk.length('bottomBand'),
          },
        ];
  }),
);
const found = computed(() =>
  checks.value.length === props.plunge.grooves.length && checks.value.length > 0
    ? testCut(checks.value)
    : null,
);
async function keep(): Promise<void> {
  if (!found.value) return;
  const text = `Test cut: ${[...found.value.grooves.map((g) => `${g.name}: ${plainText(g.said, preferences.units)}`), plainText(found.value.said, preferences.units)].join(' ')}`;
  const record = await job.keep({ kind: 'note', text });
  screen.undoable = { text: 'Kept as a note.', run: () => void job.withdraw(record) };
}
useStageScreen({
  across: () =>
    found.value?.feed
      ? {
          step: ['Feed the plunge'],
          label: 'further by the dial',
          figure: cut.onDial(2 * found.value.feed).figure,
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Test cut">
      <article class="sheet panel">
        <h2>Cut it in soft stock, and measure every groove</h2>
        <fieldset v-for="groove in plunge.grooves" :key="groove.id">
          <legend>
            {{ groove.name }}: <FigureText :figure="length(groove.width, 0.01)" /> wide, ⌀<FigureText
              :figure="length(groove.bottom, 0.01)"
            />
          </legend>
          <QuantityField
            :label="`${groove.name}, width measured`"
            dimension="length"
            :model-value="given[`${groove.id}.width`]"
            :draft-key="`${job.id}.${groove.id}.width`"
            @update:model-value="(next) => set(`${groove.id}.width`, next)"
          />
          <QuantityField
            :label="`${groove.name}, bottom measured`"
            dimension="length"
            :model-value="given[`${groove.id}.bottom`]"
            :draft-key="`${job.id}.${groove.id}.bottom`"
            @update:model-value="(next) => set(`${groove.id}.bottom`, next)"
          />
        </fieldset>
        <template v-if="found">
          <p v-if="found.feed" class="big">
            <FigureText :figure="cut.onDial(2 * found.feed).figure" large />
            <span class="quiet after">further by the dial</span>
          </p>
          <NoticeText
            :tone="
              found.feed === null ||
              found.grooves.some((g) => g.verdict === 'regrind' || g.verdict === 'too-wide')
                ? 'bad'
                : 'good'
            "
            ><PhraseText :phrase="found.said"
          /></NoticeText>
          <p v-for="one in found.grooves" :key="one.name">
            <strong>{{ one.name }}.</strong> <PhraseText :phrase="one.said" />
          </p>
          <v-btn @click="keep">Keep as a note</v-btn>
        </template>
        <p v-else class="quiet">The answer appears when every groove is measured.</p>
      </article>
    </section>
    <aside class="side">
      <CurveLength :desk="desk" name="widthBand" label="Width may be out by ±" />
      <CurveLength :desk="desk" name="bottomBand" label="Bottom may be out by ±" />
      <NoticeText tone="bad"
        >A wide edge digs in if the work lifts: tailstock up, slow, and never reverse into the
        cut.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped src="../eccentric/eccentric.css"></style>
<style scoped>
fieldset {
  border: 1px solid var(--rule);
  border-radius: 8px;
  padding: 10px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  gap: 12px;
}
legend {
  font-weight: 650;
}
.after {
  font-size: 17px;
  font-weight: 500;
}
</style>
