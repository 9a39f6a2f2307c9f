<script setup lang="ts">
import { angle, length, withinBand, type DefaultUnit, type Figure, type Phrase } from '@anello/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useJobModel } from '../composables/useJobModel';
import { useSetting } from '../composables/useSetting';
import { useStageScreen } from '../composables/useStageScreen';
import { drawn } from '../drawing/dimensions';
import FigureText from '../parts/FigureText.vue';
import HowWorked from '../parts/HowWorked.vue';
import NoticeText from '../parts/NoticeText.vue';
import PhraseText from '../parts/PhraseText.vue';
import { useJob } from '../stores/job';
import { usePreferences } from '../stores/preferences';
import type { Across, BarRequest, StripMarks } from '../stores/screen';
import NoTaper from './NoTaper.vue';
import SettingCard from './SettingCard.vue';

/** The step cards of the chosen way: figures, stations, the band that is good enough, the next nudge. */
const router = useRouter();
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const desk = useSetting();

const resolution = computed(() => model.lathe.value?.indicator ?? 0.001);
const station = computed(() => (desk.step.value?.sweep ? desk.nextStation.value : null));
const settled = computed(() => desk.verdict.value?.inBand === true);
const stale = computed(() => model.progress.value?.stages.find((s) => s.stage === 'set')?.stale ?? null);
const defaultUnit = computed<DefaultUnit>(() => (preferences.units === 'mm' ? 'mm' : 'in'));
const isSweep = computed(() => desk.step.value?.id === 'sweep');
const isDone = computed(() => desk.done.value[desk.index.value] ?? false);
const place = computed(() => (desk.step.value?.sweep?.label === 'Barrel' ? 'on the barrel' : 'at'));

function barRequest(): BarRequest | null {
  const step = desk.step.value;
  if (!step || !model.way.value) return null;
  const common = { dimension: 'length' as const, defaultUnit: defaultUnit.value };
  const decide = { ...common, noInput: true as const };
  if (desk.carried.value !== null) {
    return {
      ...decide,
      key: `${job.id}.carried`,
      label: 'Setting carried over',
      hint: 'Nothing to set for this piece.',
      keep: () => undefined,
      empty: { label: 'On to Cut', run: toCut },
    };
  }
  const sweep = step.sweep;
  if (sweep && station.value && !(isDone.value && !desk.aimed.value)) {
    const { at, expected } = station.value;
    const where = sweep.onPart ? `Reading ${place.value} ${shortLength(at)}` : 'Reading on the barrel';
    const key = `${job.id}.${job.piece}.${model.way.value}.${step.id}.${at}`;
    const examples = preferences.units === 'mm' ? '.0745in or 74 1/2 thou' : '1.893 mm or 74 1/2 thou';
    return {
      ...common,
      key,
      label: where,
      hint: `Type it any way: ${examples}`,
      judge: (seen) => judge(seen, expected),
      keep: ({ value }, text) => desk.keepReading(value, text),
    };
  }
  if (isSweep.value && !isDone.value) {
    const keepIt = settled.value ? { label: 'Keep this setting', run: desk.keepSetting } : undefined;
    const nudge = desk.verdict.value?.nudge
      ? { label: 'Nudged, read again', run: desk.keepNudge }
      : undefined;
    const again = nudge ?? keepIt;
    const hint = settled.value
      ? 'In band from end to end.'
      : nudge
        ? 'Nudge it, then read every station again.'
        : 'Pick a station in the table to read it again.';
    return {
      ...decide,
      key: `${job.id}.decide`,
      label: 'All stations read',
      hint,
      keep: () => undefined,
      ...(again ? { empty: again } : {}),
    };
  }
  if (isDone.value) {
    const last = desk.index.value >= model.steps.value.length - 1 || desk.allDone.value;
    return {
      ...decide,
      key: `${job.id}.done`,
      label: 'This card is done',
      hint: '',
      keep: () => undefined,
      empty: last
        ? { label: 'On to Cut', run: toCut }
        : { label: 'Next card', run: () => void desk.index.value++ },
    };
  }
  const nudge =
    sweep && desk.verdict.value?.nudge ? { label: 'Nudged, read again', run: desk.keepNudge } : null;
  return {
    ...decide,
    key: `${job.id}.${step.id}.tick`,
    label: sweep ? 'Read' : 'Set it, then',
    hint: '',
    keep: () => undefined,
    empty: nudge ?? { label: 'Done', run: desk.keepStep },
  };
}

const toCut = (): void => void router.push(`/job/${job.id}/cut`);
const shortLength = (at: number): string =>
  `${drawn(at, preferences.units)} ${preferences.units === 'mm' ? 'mm' : 'in'}`;

function judge(seen: number, expected: number): ReturnType<NonNullable<BarRequest['judge']>> {
  if (!station.value) return null;
  const off = seen - expected;
  const good = withinBand(seen, station.value, resolution.value);
  const amount: Figure = length(Math.abs(off), resolution.value);
  const phrase: Phrase = good
    ? ['in band, ', amount, off >= 0 ? ' over' : ' under']
    : [amount, off > 0 ? ' over' : ' under'];
  return { phrase, tone: good ? 'good' : 'warn' };
}

function across(): Across | null {
  const step = desk.step.value;
  if (!step) return null;
  const nudge = desk.verdict.value?.nudge;
  if (nudge && !station.value)
    return { step: ['Nudge ', nudge.direction], label: '', figure: nudge.amount, after: nudge.place };
  if (station.value && step.sweep) {
    const { low, high, expected, at } = station.value;
    const r = resolution.value;
    return {
      step: [step.sweep.label, ' at ', length(at, 0.1)],
      label: 'should read',
      figure: length(expected, r),
      band: [length(low, r, { bare: true }), ' to ', length(high, r)],
    };
  }
  const first = step.figures[0];
  return first ? { step: step.title, label: first.label, figure: first.figure, after: first.after } : null;
}

/** Stations run from the end the tool starts at: the small end outside, the mouth inside. */
function marks(): StripMarks {
  const { value: taper } = model.taper;
  const sweep = desk.step.value?.sweep;
  if (!taper || !sweep?.onPart) return {};
  const read = new Set(desk.tries.value.at(-1)?.readings.map((r) => r.body.at) ?? []);
  const shrink = sweep.travelAlong === 'slide' ? Math.cos(taper.task.halfAngle) : 1;
  const fromRight = taper.feature.side === 'internal' || taper.feature.largeEnd === 'headstock';
  const at = (travel: number): number =>
    fromRight ? taper.z1 - travel * shrink : taper.z0 + travel * shrink;
  const shown = sweep.stations.map((s) => ({
    z: at(s.at),
    travel: s.at,
    state:
      s.at === desk.nextStation.value?.at
        ? ('next' as const)
        : read.has(s.at)
          ? ('read' as const)
          : ('ahead' as const),
  }));
  return { stations: [{ z: at(0), travel: 0, state: 'ahead' }, ...shown] };
}

useStageScreen({ bar: barRequest, across, marks });
</script>

<template>
  <div v-if="desk.step.value && model.context.value" class="split">
    <section class="main" aria-label="Setting">
      <NoticeText v-if="stale" tone="warn"
        >The setting kept before was <PhraseText :phrase="stale" />. Set and read it again.</NoticeText
      >
      <NoticeText v-if="desk.carried.value !== null" tone="good"
        >Carried over from piece {{ desk.carried.value }}: the {{ model.lathe.value?.name }} still stands at
        <FigureText :figure="angle(model.context.value.task.halfAngle)" />. A first cut and a try will show
        whether it moved.</NoticeText
      >
      <SettingCard :desk="desk" :resolution="resolution" />
      <p class="then">
        <strong>Then</strong>
        <button
          v-for="(step, index) in model.steps.value"
          :key="step.id"
          class="plain"
          :aria-current="index === desk.index.value ? 'step' : undefined"
          @click="desk.index.value = index"
        >
          <span aria-hidden="true">{{ desk.done.value[index] ? '✓' : index + 1 }}</span> {{ step.short
          }}<span v-if="desk.done.value[index]" class="visually-hidden"> (done)</span>
        </button>
      </p>
    </section>
    <aside class="side">
      <template v-if="desk.verdict.value?.nudge">
        <h2 class="label">Next nudge</h2>
        <div class="nudge sheet">
          <p>
            <strong class="amount"><FigureText :figure="desk.verdict.value.nudge.amount" large /></strong>
          </p>
          <p class="where">
            {{ desk.verdict.value.nudge.place }}, <strong>{{ desk.verdict.value.nudge.direction }}</strong>
          </p>
          <p class="quiet"><PhraseText :phrase="desk.verdict.value.nudge.because" /></p>
          <v-btn class="go" @click="desk.keepNudge">Nudged, read again</v-btn>
        </div>
      </template>
      <div v-else-if="settled && isSweep && !isDone" class="nudge good sheet">
        <p><strong>In band from end to end.</strong></p>
        <v-btn class="go" @click="desk.keepSetting">Keep this setting</v-btn>
      </div>
      <NoticeText v-if="desk.verdict.value?.remark" :tone="settled ? 'good' : 'warn'"
        ><PhraseText :phrase="desk.verdict.value.remark"
      /></NoticeText>
      <template v-if="desk.step.value.working.length">
        <h2 class="label">How it is worked</h2>
        <HowWorked :lines="[...(desk.verdict.value?.nudge?.working ?? []), ...desk.step.value.working]" />
      </template>
      <NoticeText v-if="desk.step.value.caution" tone="bad"
        >{{ desk.step.value.caution }} The machine’s manual and the shop’s rules come first.</NoticeText
      >
    </aside>
  </div>
  <section v-else-if="model.taper.value && !model.way.value" class="none">
    <h2>No way chosen yet</h2>
    <v-btn :to="`/job/${job.id}/way`" class="go">Choose the way</v-btn>
  </section>
  <section v-else-if="model.taper.value" class="none">
    <h2>The {{ model.lathe.value?.name }} cannot be set this way</h2>
    <v-btn :to="`/job/${job.id}/way`">Choose another way</v-btn>
  </section>
  <NoTaper v-else-if="!model.taperError.value" />
</template>

<style scoped>
.then {
  margin-top: 2px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  align-items: center;
  font-size: 15px;
  color: var(--ink-2);
}
.then strong {
  color: var(--ink);
}
.then button {
  min-height: 44px;
}
.then [aria-current] {
  color: var(--blue);
  font-weight: 650;
}
.nudge {
  padding: 12px 16px;
  border: 1.5px solid var(--brass-edge);
  display: grid;
  gap: 4px;
}
.nudge.good {
  border-color: var(--green);
  gap: 10px;
}
.amount {
  font-size: 38px;
  line-height: 1.1;
}
.where {
  font-size: 16.5px;
}
.nudge .v-btn {
  margin-top: 6px;
}
.none {
  padding: 28px 24px;
  display: grid;
  gap: 14px;
  justify-items: start;
}
</style>
