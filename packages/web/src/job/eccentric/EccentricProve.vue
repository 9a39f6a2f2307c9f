<script setup lang="ts">
import { isBore } from '@anello/core/part';
import { eccentricOfJob } from '@anello/contract';
import { sizeOnLathe } from '@anello/core/approach';
import { invalidates, type EccentricPart } from '@anello/core/eccentric';
import { angle, length } from '@anello/core/figure';
import { sizeLimits } from '@anello/core/fit';
import { ofKind } from '@anello/core/job';
import { computed, ref } from 'vue';
import { useEccentric } from './useEccentric';
import { useJobModel } from '../model/useJobModel';
import { useStageScreen } from '../model/useStageScreen';
import { shownResolution } from '../../ui/shownResolution';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import VerdictPanel from '../shared/VerdictPanel.vue';

/** The travel read on the outside from its own bore, at two stations, and what a later change would undo. */
const props = defineProps<{ part: EccentricPart }>();
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const desk = useEccentric();
const resolution = computed(() => shownResolution(model.lathe.value?.indicator));
const { limit } = desk;
const wanted = computed(() => 2 * props.part.throw);
type Station = 'near' | 'far';
const read = computed(() => {
  const kept = ofKind(model.records.value, 'travel', job.piece).filter(
    (r) => r.body.eccentric === props.part.id,
  );
  return (['near', 'far'] as const).map((station) => ({
    station,
    seen: kept.filter((r) => r.body.station === station).at(-1)?.body.seen ?? null,
  }));
});
const next = ref<Station | null>(null);
const asking = computed<Station>(
  () => next.value ?? read.value.find((r) => r.seen === null)?.station ?? 'near',
);
const off = (seen: number): number => seen - wanted.value;
const bothRead = computed(() => read.value.every((r) => r.seen !== null));
const right = computed(
  () => bothRead.value && read.value.every((r) => Math.abs(off(r.seen ?? 0)) <= limit.value),
);
const lean = computed(() => {
  const [near = null, far = null] = read.value.map((r) => r.seen);
  return near === null || far === null ? null : (far - near) / 2;
});
const leaning = computed(() => lean.value !== null && 2 * Math.abs(lean.value) > limit.value / 2);
const fit = computed(() => {
  const bore = job.document?.features.find(isBore);
  return isBore(bore) && bore.fit && bore.diameter
    ? sizeLimits({ size: bore.diameter.value, side: 'internal', given: { fit: bore.fit } })
    : null;
});
const changes = computed(() => {
  const basis = desk.basis.value;
  if (!basis || !job.document || eccentricOfJob(job.document, props.part.id)?.id !== props.part.id) return [];
  const made = ofKind(model.records.value, 'made', job.piece).filter(
    (r) => r.body.eccentric === props.part.id,
  );
  const set = ofKind(model.records.value, 'thrown', job.piece)
    .filter((r) => r.body.eccentric === props.part.id && r.body.inside)
    .at(-1);
  const all = [
    ...(set ? [{ what: 'throw' as const, basis: { ...basis, throw: set.body.wanted } }] : []),
    ...made.map((r) => r.body),
  ];
  return invalidates(all, basis);
});
const undone = computed(() => changes.value.some((c) => c.verdict !== 'keep'));

useStageScreen({
  bar: () => ({
    key: `${job.id}.${job.piece}.travel.${asking.value}`,
    label: asking.value === 'near' ? 'Whole swing, near station' : 'Whole swing, far station',
    asks: 'figure',
    dimension: 'length',
    defaultUnit: preferences.units === 'mm' ? 'mm' : 'in',
    hint: 'High to low, on a mandrel through its bore.',
    judge: (seen) => ({
      phrase: [
        length(Math.abs(off(seen)), resolution.value),
        off(seen) >= 0 ? ' over' : ' under',
        ' the travel wanted',
      ],
      tone: Math.abs(off(seen)) <= limit.value ? 'good' : 'bad',
    }),
    keep: async ({ value }, typed) => {
      await model.keep({
        kind: 'travel',
        eccentric: props.part.id,
        station: asking.value,
        seen: model.lathe.value ? sizeOnLathe(value, model.lathe.value) : value,
        wanted: wanted.value,
        typed,
      });
      next.value = null;
    },
  }),
  across: () => ({
    step: ['The needle is to swing'],
    label: 'whole travel',
    figure: length(wanted.value, resolution.value),
  }),
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Proving the travel">
      <article class="card sheet" aria-live="polite">
        <h2>
          {{
            right
              ? 'The travel is right'
              : 'On a mandrel through its bore, read the whole swing at two stations'
          }}
        </h2>
        <div class="figures">
          <div>
            <p class="label">Travel wanted</p>
            <p class="big"><FigureText :figure="length(wanted, resolution)" large /></p>
            <p class="quiet">good enough within ±<FigureText :figure="length(limit, resolution)" /></p>
          </div>
          <div v-for="one in read" :key="one.station">
            <p class="label">{{ one.station === 'near' ? 'Near station' : 'Far station' }}</p>
            <p class="middle">
              <FigureText v-if="one.seen !== null" :figure="length(one.seen, resolution)" /><span
                v-else
                class="quiet"
                >not read</span
              >
            </p>
            <p v-if="one.seen !== null" class="quiet">
              <FigureText :figure="length(off(one.seen), resolution, { signed: true })" />
              <button type="button" class="plain again" @click="next = one.station">read again</button>
            </p>
          </div>
        </div>
        <NoticeText v-if="lean !== null" :tone="leaning ? 'warn' : 'good'"
          ><template v-if="leaning"
            >It leans
            <FigureText :figure="angle(Math.atan(Math.abs(lean) / Math.max(part.width, 1e-6)))" /> over its
            width: the jaws or a chip, not the throw.</template
          ><template v-else>Both stations agree: it runs parallel to its bore.</template></NoticeText
        >
        <p v-if="fit" class="quiet">
          Bore for its shaft: <FigureText :figure="length(fit.least, 0.001)" /> to
          <FigureText :figure="length(fit.most, 0.001)" />; width
          <FigureText :figure="length(part.width, 0.01)" />.
        </p>
      </article>
      <VerdictPanel :at-line="right" :angle-right="right" :past="false" :has-taper="false" />
    </section>
    <aside class="side">
      <h2 class="label">What a change of the drawing does</h2>
      <p v-if="changes.length === 0" class="quiet">Nothing is made yet that a change could undo.</p>
      <p v-else-if="!undone" class="quiet">Everything made so far agrees with the drawing as it is.</p>
      <NoticeText
        v-for="change in changes"
        :key="change.what"
        :tone="change.verdict === 'keep' ? 'good' : change.verdict === 'rework' ? 'warn' : 'bad'"
        ><PhraseText :phrase="change.said"
      /></NoticeText>
    </aside>
  </div>
</template>

<style scoped src="../../ui/panel.css"></style>
<style scoped>
.again {
  min-height: 44px;
  color: var(--blue);
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
