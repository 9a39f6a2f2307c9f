<script setup lang="ts">
import { angle, length } from '@anello/core/figure';
import { advanceFromInfeed, stockFromStandOff } from '@anello/core/gauging';
import type { InfeedMove } from '@anello/core/infeed';
import { ofKind } from '@anello/core/job';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useApproach } from './useApproach';
import { useCut } from '../../cut/useCut';
import { useEvidence } from './useEvidence';
import { useJobModel } from '../../model/useJobModel';
import { useWork } from '../../model/useWork';
import { useSizing } from './useSizing';
import { useStageScreen } from '../../model/useStageScreen';
import FigureText from '../../../ui/FigureText.vue';
import HowWorked from '../../../ui/HowWorked.vue';
import { useJob } from '../../../data/stores/job';
import { usePreferences } from '../../../data/stores/preferences';
import type { BarQuestion, BarRequest } from '../../../data/stores/screen';
import ApproachPanel from './ApproachPanel.vue';
import EvidencePanel from './EvidencePanel.vue';
import NoTaper from '../../shared/NoTaper.vue';
import PastLine from './PastLine.vue';
import ReamNote from './ReamNote.vue';
import SizePicks from './SizePicks.vue';
import StandOffFigures from './StandOffFigures.vue';
import VerdictPanel from '../../shared/VerdictPanel.vue';

/** In the sleeve: how far it stands off, where it touches, what that means and what to do next. */
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const cut = useCut();
const { work } = useWork('taper');
const asking = ref<'standOff' | 'swing'>('standOff');

const task = computed(() => model.taper.value?.task ?? null);
const standOffs = computed(() => ofKind(model.records.value, 'stand-off', job.piece));
const now = computed(() => standOffs.value.at(-1)?.body ?? null);
const left = computed(() =>
  now.value && task.value
    ? stockFromStandOff({ standOff: now.value.seen, halfAngle: task.value.halfAngle })
    : null,
);
const desk = useApproach();
/** What to feed now: the advice for the risk accepted, as this dial shows it. */
const onDial = computed(() => {
  const advice = desk.advice.value;
  return left.value && advice ? cut.onDial(2 * Math.abs(advice.infeed)) : null;
});
const move = computed(() => desk.advice.value?.move);
const twice = computed(() => desk.advice.value?.twice ?? false);
/** It was cut since the last try: nothing more is fed before the next one. */
const cutSince = computed(() => !past.value && desk.cutSince.value);
/** Nothing can be fed within the risk accepted, though it is not at its line. */
const held = computed(() => desk.advice.value?.advice === 'hold');
const allowed = computed(() => sizing.allowed.value);
const atLine = computed(() => now.value !== null && Math.abs(now.value.seen) <= allowed.value);
const past = computed(() => now.value !== null && now.value.seen < -allowed.value);
const mate = computed(() => work.value.mate || (task.value?.member === 'internal' ? 'plug' : 'sleeve'));

const evidence = useEvidence();
const sizing = useSizing();

function barRequest(): BarRequest | null {
  if (!task.value) return null;
  const defaultUnit = preferences.units === 'mm' ? ('mm' as const) : ('in' as const);
  if (asking.value === 'swing' && evidence.canClock.value) {
    return {
      key: `${model.key.value}.${job.piece}.swing`,
      label: 'Swing at the loose end',
      asks: 'figure',
      dimension: 'length',
      defaultUnit,
      hint: 'Total swing on the indicator, rocking it by hand.',
      keep: async ({ value }) => {
        await evidence.keepSwing(Math.abs(value));
        asking.value = 'standOff';
      },
    };
  }
  const { halfAngle } = task.value;
  const { method } = sizing;
  return {
    key: `${model.key.value}.${job.piece}.standoff.${method.value.id}`,
    label: method.value.reads,
    asks: 'figure',
    dimension: 'length',
    defaultUnit,
    hint: method.value.hint ?? method.value.how,
    judge: (seen) => judged(sizing.standOff(seen), halfAngle),
    keep: async ({ value }, text) => {
      const seen = sizing.standOff(value);
      const { diameter } = stockFromStandOff({ standOff: seen, halfAngle });
      await model.keep({ kind: 'stand-off', seen, halfAngle, diameterLeft: diameter, typed: text });
    },
  };
}

function judged(standOff: number, halfAngle: number): ReturnType<NonNullable<BarQuestion['judge']>> {
  const stock = stockFromStandOff({ standOff, halfAngle });
  return {
    phrase: [
      length(Math.abs(stock.diameter), 0.001),
      stock.diameter >= 0 ? ' left on diameter' : ' past on diameter',
    ],
    tone: Math.abs(standOff) <= allowed.value ? 'good' : standOff < 0 ? 'bad' : 'plain',
  };
}

const FEED_HEADINGS: Readonly<Partial<Record<InfeedMove, string>>> = {
  'spring-pass': 'Take a spring pass, then clean and try again',
  'draw-back': 'Draw the tool back this much, take a pass, then clean and try again',
};
const heading = computed(() => {
  if (past.value) return 'Gone past its line';
  if (cutSince.value)
    return 'Cut since it was tried: clean both, try it again, and read how far it stands off';
  if (atLine.value)
    return move.value === 'measure'
      ? 'It stands at its line, as far as one reading tells'
      : 'It stands at its line';
  if (desk.advice.value?.suspicion) return 'Feed no more yet: something looks wrong';
  if (held.value)
    return `Feed no more yet: ${move.value === 'measure' ? 'measure it again' : 'finish by hand'}`;
  if (twice.value) return 'Feed this much more, cut twice at that figure, then clean and try again';
  return (move.value && FEED_HEADINGS[move.value]) ?? 'Feed this much more, then clean and try again';
});
const taken = computed(() => {
  if (past.value || atLine.value || cutSince.value || !cut.state.value || !onDial.value) return null;
  if (move.value === 'spring-pass') return 'Spring pass taken: keep the pass';
  const { divisions } = onDial.value;
  if (divisions === 0) return null;
  const fed = `${move.value === 'draw-back' ? 'Drawn back' : 'Fed'} ${divisions} ${divisions === 1 ? 'division' : 'divisions'}`;
  return twice.value ? `${fed}, cut twice: keep the passes` : `${fed}: keep the pass`;
});
/** Keeps the infeed the stand-off asks for as a pass, so the countdown goes on from it. */
async function cutIt(): Promise<void> {
  if (!onDial.value || !cut.state.value) return;
  const by = onDial.value.figure.value;
  const dialTo = cut.state.value.dial + (move.value === 'draw-back' ? -by : by);
  const passes = twice.value ? [dialTo, dialTo] : [dialTo];
  // At once: what is read after them must not come between the two.
  await Promise.all(passes.map((to) => cut.keepPass(to, '')));
}
const advance = computed(() => {
  const dial = model.lathe.value?.dial;
  return dial && task.value
    ? advanceFromInfeed({ infeed: dial.division, dial: dial.reads, halfAngle: task.value.halfAngle }).advance
    : 0;
});
const working = computed(() => {
  if (!now.value || !task.value || !left.value) return [];
  return [
    {
      tex: '#0 \\times 2\\tan #1 = #2',
      figures: [
        length(now.value.seen, 0.01),
        angle(task.value.halfAngle),
        length(left.value.diameter, 0.001),
      ],
      note: ['left on diameter'] as const,
    },
  ];
});

const DriveUpPanel = defineAsyncComponent(() => import('./DriveUpPanel.vue'));
const lines = computed(() => [...working.value, ...(evidence.nudge.value?.nudge.working ?? [])]);
useStageScreen({
  bar: barRequest,
  across: () =>
    onDial.value && onDial.value.divisions > 0 && move.value !== 'draw-back' && !cutSince.value
      ? {
          step: ['Still to feed'],
          label: 'on the dial',
          figure: onDial.value.figure,
          band: [length(now.value?.seen ?? 0, 0.01), ' to the line'],
        }
      : null,
  marks: () => ({
    ...(now.value ? { standOff: now.value.seen } : {}),
    ...(evidence.picked.value ? { contact: evidence.picked.value } : {}),
  }),
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Trying it in its mate">
      <article v-if="task" class="card sheet" aria-live="polite">
        <h2 v-if="!now">Clean both, try it in the {{ mate }}, and read how far it stands off</h2>
        <h2 v-else>{{ heading }}</h2>
        <template v-if="left && onDial && now">
          <StandOffFigures
            :feed="past || held || atLine || cutSince ? null : onDial"
            :back="move === 'draw-back'"
            :reads="model.lathe.value?.dial.reads ?? 'diameter'"
            :left="left.diameter"
            :stand-off="now.seen"
          />
          <PastLine v-if="past" :task="task" :past="-now.seen" :allowed="allowed" />
          <p v-else-if="!atLine" class="quiet">
            One division of the dial moves it <FigureText :figure="length(advance, 0.01)" />.
          </p>
          <ReamNote v-if="task?.member === 'internal'" :left="left.diameter" />
          <v-btn v-if="taken" class="cut-it" @click="cutIt">{{ taken }}</v-btn>
        </template>
        <p v-else class="quiet">
          Feel for shake first. Straight in and straight out: never turn a plug gauge in a bore.
        </p>
        <ApproachPanel v-if="now && !past && !cutSince" :desk="desk" :allowed="allowed" :at-line="atLine" />
        <SizePicks :desk="sizing" />
        <p v-if="standOffs.length > 1" class="tries">
          Stand-off, try by try:
          <template v-for="(t, i) in standOffs" :key="t.id"
            ><FigureText :figure="length(t.body.seen, 0.01)" />{{
              i < standOffs.length - 1 ? ' → ' : ''
            }}</template
          >
        </p>
      </article>
      <NoTaper v-else-if="!model.taperError.value" />
      <VerdictPanel
        :at-line="atLine"
        :angle-right="evidence.best.value?.cause === 'right'"
        :past="past"
        :has-taper="task !== null"
      />
    </section>
    <aside v-if="task" class="side">
      <EvidencePanel
        :desk="evidence"
        :clocking="asking === 'swing'"
        @clock="asking = asking === 'swing' ? 'standOff' : 'swing'"
      />
      <DriveUpPanel v-if="task.member === 'internal'" />
      <template v-if="lines.length">
        <h2 class="label">How it is worked</h2>
        <HowWorked :lines="lines" />
      </template>
    </aside>
  </div>
</template>

<style scoped>
.card {
  border: 2px solid var(--blue);
  padding: 16px 20px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.card h2 {
  font-size: 20px;
  font-weight: 650;
}
.tries {
  font-size: 15px;
  color: var(--ink-2);
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  width: 100%;
}
</style>
