<script setup lang="ts">
import { length, plainText } from '@anello/core/figure';
import { testCut, type GrooveCheck } from '@anello/core/form-tool';
import type { Plunge } from '@anello/core/part';
import { computed } from 'vue';
import type { CurveDesk } from './useCurve';
import { useKeptEntries } from '../model/useKeptEntries';
import { useCut } from '../cut/useCut';
import { useStageScreen } from '../model/useStageScreen';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import KeptBox from '../shared/KeptBox.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import CurveLength from './CurveLength.vue';

/** A test cut in soft stock, groove by groove: what depth brings all of them right, or where the tool must be reground. */
const props = defineProps<{ desk: CurveDesk; plunge: Plunge }>();
const job = useJob();
const cut = useCut();
const preferences = usePreferences();
const kept = useKeptEntries(() => `test-cut.${job.id}.${job.piece}`);
const checks = computed<GrooveCheck[]>(() =>
  props.plunge.grooves.flatMap((g) => {
    const [seenWidth, seenBottom] = [kept.value(`${g.id}.width`), kept.value(`${g.id}.bottom`)];
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
            place: placeOf(g),
          },
        ];
  }),
);
/** The first groove is where the others are measured from. */
function placeOf(groove: Plunge['grooves'][number]): GrooveCheck['place'] {
  const first = groove === props.plunge.grooves[0];
  const seen = first ? 0 : kept.value(`${groove.id}.place`);
  return seen === undefined ? undefined : { at: groove.at, seen };
}
const bands = computed(() => ({
  place: props.desk.length('placeBand'),
  land: props.desk.length('landBand'),
}));
const found = computed(() =>
  checks.value.length === props.plunge.grooves.length && checks.value.length > 0
    ? tried(() => testCut(checks.value, bands.value), preferences.units)
    : NOTHING_TRIED,
);
const cutOf = computed(() => found.value.found);
async function keep(): Promise<void> {
  if (!cutOf.value) return;
  const { grooves, said } = cutOf.value;
  const lines = grooves.map((g) => `${g.name}: ${plainText(g.said, preferences.units)}`);
  await props.desk.keepShaped('form-tool', [...lines, plainText(said, preferences.units)].join(' '));
}
useStageScreen({
  across: () =>
    cutOf.value?.feed && cutOf.value.right
      ? {
          step: ['Feed the plunge'],
          label: 'further by the dial',
          figure: cut.onDial(2 * cutOf.value.feed).figure,
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Test cut">
      <article class="sheet panel">
        <h2>Cut it in soft stock, and measure every groove</h2>
        <fieldset v-for="(groove, i) in plunge.grooves" :key="groove.id">
          <legend>
            {{ groove.name
            }}<template v-if="i > 0">, <FigureText :figure="length(groove.at, 0.01)" /> on</template>:
            <FigureText :figure="length(groove.width, 0.01)" /> wide, ⌀<FigureText
              :figure="length(groove.bottom, 0.01)"
            />
          </legend>
          <KeptBox :entries="kept" :name="`${groove.id}.width`" label="Width measured" />
          <KeptBox :entries="kept" :name="`${groove.id}.bottom`" label="Bottom measured" />
          <KeptBox
            v-if="i > 0"
            :entries="kept"
            :name="`${groove.id}.place`"
            label="From the first, side to side"
          />
        </fieldset>
        <template v-if="cutOf">
          <p v-if="cutOf.feed && cutOf.right" class="big">
            <FigureText :figure="cut.onDial(2 * cutOf.feed).figure" large />
            <span class="quiet after">further by the dial</span>
          </p>
          <NoticeText :tone="cutOf.right ? 'good' : 'bad'"><PhraseText :phrase="cutOf.said" /></NoticeText>
          <p v-for="one in cutOf.grooves" :key="one.name">
            <strong>{{ one.name }}.</strong> <PhraseText :phrase="one.said" />
          </p>
          <p v-for="land in cutOf.lands" :key="land.between.join()" :class="{ out: !land.right }">
            <strong>Land from {{ land.between[0] }} to {{ land.between[1] }}.</strong>
            <FigureText :figure="length(land.wanted + land.off, 0.01)" />, wanted
            <FigureText :figure="length(land.wanted, 0.01)" />{{
              land.right ? ': inside its band.' : ': out of its band.'
            }}
          </p>
          <v-btn @click="keep">Keep this test cut</v-btn>
        </template>
        <NoticeText v-else-if="found.said" tone="bad">{{ found.said }}</NoticeText>
        <p v-else class="quiet">The answer appears when every groove is measured.</p>
      </article>
    </section>
    <aside class="side">
      <CurveLength :desk="desk" name="widthBand" label="Width may be out by ±" />
      <CurveLength :desk="desk" name="bottomBand" label="Bottom may be out by ±" />
      <CurveLength
        v-if="plunge.grooves.length > 1"
        :desk="desk"
        name="placeBand"
        label="Place may be out by ±"
      />
      <CurveLength
        v-if="plunge.grooves.length > 1"
        :desk="desk"
        name="landBand"
        label="Land may be out by ±"
      />
      <NoticeText tone="bad"
        >A wide edge digs in if the work lifts: tailstock up, slow, and never reverse into the
        cut.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
fieldset {
  border: 1px solid var(--rule);
  border-radius: 8px;
  padding: 10px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  gap: 12px;
  align-items: start;
}
legend {
  font-weight: 650;
}
.out {
  color: var(--red);
}
.after {
  font-size: 17px;
  font-weight: 500;
}
</style>
