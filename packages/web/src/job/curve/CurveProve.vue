<script setup lang="ts">
import { bestFit, type Piece } from '@anello/core/curve';
import { count, length } from '@anello/core/figure';
import { ofKind } from '@anello/core/job';
import { computed } from 'vue';
import { useCurve } from './useCurve';
import { useJobModel } from '../model/useJobModel';
import { useMeasuredPlaces } from '../model/useMeasuredPlaces';
import { useStageScreen } from '../model/useStageScreen';
import CurveDrawing from '../../drawing/CurveDrawing.vue';
import { NOTHING_TRIED, tried } from '../model/tried';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PlacesBox from '../shared/PlacesBox.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import VerdictPanel from '../shared/VerdictPanel.vue';
import CurveLength from './CurveLength.vue';
import JointCard from './JointCard.vue';

/** Measured places laid on the curve as well as they go: how far off, where, and whether that is good enough. */
const job = useJob();
const model = useJobModel();
const preferences = usePreferences();
const desk = useCurve();
const own = useMeasuredPlaces(() => `measured.${model.key.value}.${job.piece}`);
const read = own.read;
const scaled = computed(() => desk.choice.value.withScale ?? false);
const LEAST_PLACES = 3;
const found = computed(() => {
  const { value: pieces } = desk.pieces;
  const measured = read.value.places;
  return pieces && measured.length >= LEAST_PLACES
    ? tried(() => bestFit({ pieces, measured, withScale: scaled.value }), preferences.units)
    : NOTHING_TRIED;
});
const fit = computed(() => found.value.found);
const limit = computed(() => desk.length('limit'));
const inside = computed(() => fit.value !== null && Math.abs(fit.value.worst.off) <= limit.value);
const needles = computed(() => (fit.value?.deviations ?? []).map((d) => ({ at: d.foot, off: d.off })));
async function keep(): Promise<void> {
  if (!fit.value) return;
  const { worst, rms, deviations } = fit.value;
  await model.keepAndOffer({
    kind: 'curve',
    places: deviations.length,
    worst: worst.off,
    at: worst.foot.z,
    rms,
    limit: limit.value,
    inside: inside.value,
  });
}
const kept = computed(() => ofKind(model.records.value, 'curve', job.piece).at(-1)?.body ?? null);
const drawn = computed<readonly Piece[]>(() => desk.pieces.value ?? []);
useStageScreen({
  across: () =>
    fit.value
      ? {
          step: ['Furthest from the curve'],
          label: 'square to it',
          figure: length(fit.value.worst.off, 0.001, { signed: true }),
        }
      : null,
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Proving the curve">
      <template v-if="desk.pieces.value">
        <CurveDrawing
          :pieces="drawn"
          :member="desk.member.value"
          :needles="needles"
          label="The curve, with how far off each measured place is, enlarged"
        />
        <article class="card sheet">
          <h2>
            {{
              fit
                ? inside
                  ? 'Inside what is allowed'
                  : 'Out of what is allowed'
                : 'Measure it at some places, and type them'
            }}
          </h2>
          <div v-if="fit" class="figures">
            <div>
              <p class="label">Furthest off, square to the curve</p>
              <p class="big"><FigureText :figure="length(fit.worst.off, 0.001, { signed: true })" large /></p>
              <p class="quiet">
                <FigureText :figure="length(fit.worst.foot.z, 0.1)" /> along; allowed ±<FigureText
                  :figure="length(limit, 0.001)"
                />
              </p>
            </div>
            <div>
              <p class="label">Laid on by a shift of</p>
              <p class="middle">
                <FigureText :figure="length(fit.shift.z, 0.01, { signed: true })" /> along<template
                  v-if="fit.shiftUncertainty.z !== null"
                  >, ± <FigureText :figure="length(fit.shiftUncertainty.z, 0.01)"
                /></template>
              </p>
              <p v-if="scaled" class="quiet">scaled by <FigureText :figure="count(fit.scale, 0.0001)" /></p>
              <p class="quiet">
                and <FigureText :figure="length(2 * fit.shift.r, 0.001, { signed: true })" /> on diameter
              </p>
            </div>
          </div>
          <v-btn v-if="fit" class="go" @click="keep">Keep it</v-btn>
          <NoticeText v-if="read.problem || found.said" tone="bad">{{
            read.problem || found.said
          }}</NoticeText>
        </article>
        <JointCard v-if="desk.choice.value.mateClearance" :desk="desk" :own="read.places" />
        <p v-else>
          <v-btn @click="desk.change({ mateClearance: desk.entryOf('mateClearance') })"
            >It is one of a pair: the joint</v-btn
          >
        </p>
      </template>
      <p v-else class="quiet">Measure what the drawing asks for, then say how it came out.</p>
      <VerdictPanel
        :at-line="kept?.inside ?? false"
        :angle-right="kept?.inside ?? false"
        :past="false"
        :has-taper="false"
      />
    </section>
    <aside v-if="desk.pieces.value" class="side">
      <PlacesBox :places="own" label="Along, diameter: one place a line" />
      <CurveLength :desk="desk" name="limit" label="May be out by ±" />
      <v-checkbox
        label="Let it be scaled as well as moved"
        :model-value="scaled"
        @update:model-value="(on: boolean | null) => desk.change({ withScale: on ?? false })"
      />
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
