<script setup lang="ts">
import { feedForFinish, USUAL_CUT } from '@anello/core/cutting';
import { count, length, type Phrase } from '@anello/core/figure';
import type { DiameterCard } from '@anello/core/plan';
import { computed, ref } from 'vue';
import StaleTools from '../../../ui/StaleTools.vue';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useJob } from '../../../data/stores/job';
import { usePreferences } from '../../../data/stores/preferences';
import type { BarRequest } from '../../../data/stores/screen';
import { useDialFigure } from '../../model/useDialFigure';
import { useJobModel } from '../../model/useJobModel';
import { useStageScreen } from '../../model/useStageScreen';
import { useDiameter } from '../useDiameter';
import { useOperation } from '../useOperation';
import { judged, onwardOf } from '../useWorkBar';

/** A plain diameter brought to its limits: where the dial goes, what is left, and the next infeed that will not scrap it. */
const props = defineProps<{ card: DiameterCard; feature: string | null; line: Phrase }>();
const { lathe } = useJobModel();
const preferences = usePreferences();
const operation = useOperation();
const dialFigure = useDialFigure();
const desk = useDiameter(
  () => props.card,
  () => props.feature,
);
const asked = ref<'dial' | 'measured' | null>(null);
const move = computed(() => desk.move.value);
const asking = computed(() => asked.value ?? (move.value.kind === 'cut' ? 'dial' : 'measured'));
const job = useJob();
const name = computed(() => job.document?.features.find((f) => f.id === props.feature)?.name ?? 'It');
/** The coarsest feed whose marks alone are as smooth as the drawing asks, with the nose in use. */
const finest = computed(() =>
  props.card.finish === null
    ? null
    : feedForFinish({
        ra: props.card.finish,
        noseRadius: job.document?.cut.noseRadius?.value ?? USUAL_CUT.noseRadius,
      }),
);
const HOLD: Readonly<Record<string, string>> = {
  'draw-back':
    'Turn back well past the lash, come in again to the same figure and take a pass with nothing more fed in; then measure.',
  check:
    'What the passes took does not go together: look at the dial, the slide’s lock and the tool before another cut.',
  'by-hand':
    'Any more by the dial is likelier to go past than was accepted: finish it with a fine file or cloth, a little at a time.',
};
const inOne = (chance: number): number => Math.round(1 / Math.max(chance, 1e-4));

/** Done, with the size it came to: what the batch is looked at by. */
async function finish(): Promise<void> {
  const { least, most } = props.card;
  const what = `${name.value}, ${props.card.toGrind ? 'before it is ground' : 'diameter'}`;
  if (desk.stand.value.measured !== null)
    await operation.keep(
      { kind: 'sized', what, seen: desk.stand.value.measured, low: least, high: most, typed: '' },
      props.feature,
    );
  await operation.finish();
}

function bar(): BarRequest | null {
  const base = { asks: 'figure', dimension: 'length' } as const;
  if (asking.value === 'dial' && move.value.kind === 'cut') {
    const { dialTo } = move.value;
    return {
      ...base,
      key: `${operation.key.value}.dial`,
      label: 'Dial now',
      defaultUnit: lathe.value?.dial.units === 'inch' ? 'in' : 'mm',
      hint: 'Type where you stopped, or take the pass as said.',
      judge(value) {
        const { depth } = desk.passTo(value);
        if (depth < 0)
          return { phrase: ['backed out by ', length(-depth, 0.001), ' on radius'], tone: 'warn' };
        return value > dialTo + 1e-9
          ? { phrase: [dialFigure(value - dialTo), ' past the pass as said'], tone: 'warn' }
          : { phrase: ['not past it'], tone: 'good' };
      },
      keep: ({ value }, text) => desk.keepPass(value, text),
      empty: { label: 'Cut it', turn: desk.passes.value, run: () => desk.keepPass(dialTo, '') },
    };
  }
  if (move.value.kind === 'done' && asked.value === null) {
    const { value: next } = operation.next;
    return {
      key: `${operation.key.value}.done`,
      asks: 'nothing',
      label: 'Inside its limits',
      hint: operation.done.value ? 'Done on this piece.' : 'Say that it is done.',
      empty: operation.done.value
        ? { label: onwardOf(operation), run: operation.goOn }
        : { label: next ? 'Done, next' : 'Done', run: finish },
    };
  }
  return {
    ...base,
    key: `${operation.key.value}.measured`,
    label: 'Diameter measured',
    defaultUnit: preferences.units === 'mm' ? 'mm' : 'in',
    hint: 'With the piece clean and cool.',
    judge: (value) => judged(props.card, value),
    async keep({ value }, text) {
      await desk.keepMeasured(value, text);
      asked.value = null;
    },
  };
}
useStageScreen({
  bar,
  across: () =>
    move.value.kind === 'cut'
      ? { step: ['Feed the dial to'], label: 'cross-slide', figure: dialFigure(move.value.dialTo) }
      : null,
});
</script>

<template>
  <article class="card sheet" aria-live="polite">
    <h2><PhraseText :phrase="line" /></h2>
    <div v-if="move.kind === 'cut'" class="figures">
      <div>
        <p class="label">
          Pass {{ desk.stand.value.state.passes + 1 }}: feed the dial to, it reads
          {{ lathe?.dial.reads ?? 'diameter' }}
        </p>
        <p class="big"><FigureText :figure="dialFigure(move.dialTo)" large /></p>
      </div>
      <div>
        <p class="label">Then left on diameter</p>
        <p class="then"><FigureText :figure="length(move.leaves, 0.01)" /></p>
      </div>
    </div>
    <div v-else class="figures">
      <div>
        <p class="label">
          {{ desk.stand.value.measured === null ? 'Measure it now; about' : 'Measured last' }}
        </p>
        <p class="big">
          <FigureText
            :figure="length(desk.stand.value.measured ?? desk.stand.value.state.now, 0.001)"
            large
          />
        </p>
      </div>
    </div>
    <p class="facts">
      <span
        >May be <FigureText :figure="length(card.least, 0.001)" /> to
        <FigureText :figure="length(card.most, 0.001)"
      /></span>
      <span>over <FigureText :figure="length(card.along, 0.1)" /></span>
      <span>carriage stop <FigureText :figure="length(card.toEnd, 0.1)" /> from the face</span>
      <span v-if="finest"
        >Ra <FigureText :figure="length(card.finish ?? 0, 0.0001)" />: the last cut fed no coarser than
        <FigureText :figure="length(finest, 0.01)" /> a turn</span
      >
      <span class="quiet"
        >from ⌀<FigureText :figure="length(card.from, 0.01)" />, touched there with the dial at zero</span
      >
    </p>
    <NoticeText v-if="move.kind === 'cut' && move.learned && move.chance !== null" tone="good"
      >By what this tool has taken so far. Past its limits: about 1 in
      <FigureText :figure="count(inOne(move.chance))" />.</NoticeText
    >
    <NoticeText v-if="move.kind === 'done'" tone="good">Inside its limits.</NoticeText>
    <NoticeText v-if="move.kind === 'past'" tone="bad"
      >Past what it may be: measure it once more cool, then rework if the drawing allows, otherwise scrap with
      its cause on the Record.</NoticeText
    >
    <NoticeText v-if="move.kind === 'hold'" tone="warn">{{ HOLD[move.move] ?? HOLD['by-hand'] }}</NoticeText>
    <StaleTools v-if="desk.micrometer.value" :names="[desk.micrometer.value.name]" />
  </article>
  <div class="switch" role="group" aria-label="What the reading bar asks for">
    <v-btn
      :class="{ on: asking === 'dial' }"
      :aria-pressed="asking === 'dial'"
      :disabled="move.kind !== 'cut'"
      @click="asked = null"
      >By the dial</v-btn
    >
    <v-btn
      :class="{ on: asking === 'measured' }"
      :aria-pressed="asking === 'measured'"
      @click="asked = 'measured'"
      >I measured it</v-btn
    >
  </div>
</template>

<style scoped src="./card.css"></style>
<style scoped>
.switch {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.on {
  border: 2px solid var(--blue);
  color: var(--blue);
}
</style>
