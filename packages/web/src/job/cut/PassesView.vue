<script setup lang="ts">
import { useGo } from '../model/useGo';
import { length, plainText } from '@anello/core/figure';
import type { DefaultUnit } from '@anello/core/quantity';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useCut } from './useCut';
import { useJobModel } from '../model/useJobModel';
import { useWarmth } from './useWarmth';
import { useStageScreen } from '../model/useStageScreen';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import { useJob } from '../../data/stores/job';
import { usePreferences } from '../../data/stores/preferences';
import type { Across, BarRequest } from '../../data/stores/screen';
import CutFigures from './CutFigures.vue';
import BadCombinations from './BadCombinations.vue';
import PassTable from './PassTable.vue';
import StaircasePanel from './StaircasePanel.vue';
import WarmPiece from './WarmPiece.vue';

/** From stock to finish by dial: the next pass, what is left, and the plan to the allowance. */
const go = useGo();
const job = useJob();
const preferences = usePreferences();
const model = useJobModel();
const desk = useCut();
const warmth = useWarmth(() => desk.state.value?.now ?? 0);
const asking = ref<'dial' | 'measured'>('dial');

const dial = computed(() => model.lathe.value?.dial ?? null);
const dialUnit = computed<DefaultUnit>(() => (dial.value?.units === 'inch' ? 'in' : 'mm'));
const external = computed(() => model.taper.value?.task.member === 'external');
const end = computed(() => (external.value ? 'small end' : 'mouth'));
const begun = computed(() => (desk.state.value?.passes ?? 0) > 0);
const allowance = computed(() => model.cutFigures.value?.allowance ?? 0);
/** The roughing is done and nothing was measured yet. */
const measureFirst = computed(
  () => begun.value && desk.next.value?.kind === 'last' && desk.state.value?.measured === 0,
);
const toAllowance = computed(() => desk.left.value - allowance.value);
const { again } = desk;
const passNumber = computed(() => (desk.state.value?.passes ?? 0) + 1);

const DrillFirst = defineAsyncComponent(() => import('./DrillFirst.vue'));
const PacePanel = defineAsyncComponent(() => import('./PacePanel.vue'));
const toProve = (): void => void go.to('prove');

function barRequest(): BarRequest | null {
  if (!desk.state.value) return null;
  if (asking.value === 'measured') {
    return {
      key: `${model.key.value}.${job.piece}.measured`,
      label: `Diameter at the ${end.value}`,
      asks: 'figure',
      dimension: 'length',
      defaultUnit: preferences.units === 'mm' ? 'mm' : 'in',
      hint: 'Measured, with the piece clean and cool.',
      judge: (value) => {
        const { diameter } = warmth.at20(value);
        const over = external.value ? diameter - desk.finish.value : desk.finish.value - diameter;
        return {
          phrase: [
            length(Math.abs(over), 0.001),
            over >= 0 ? ' still on, on diameter' : ' past the finished size',
          ],
          tone: over >= 0 ? 'good' : 'bad',
        };
      },
      keep: async ({ value }, text) => {
        await desk.keepMeasured(warmth.at20(value), text);
        asking.value = 'dial';
      },
    };
  }
  const next = desk.next.value;
  const dialFrom = desk.state.value.touch;
  return {
    key: `${model.key.value}.${job.piece}.dial`,
    label: 'Dial now',
    asks: 'figure',
    dimension: 'length',
    defaultUnit: dialUnit.value,
    hint: next
      ? 'Type where you stopped, or take the pass as planned.'
      : again.value > 0
        ? 'At the same figure, nothing fed in.'
        : 'At the allowance. Try it in its mate.',
    judge: (value) => {
      // One that cannot be is thrown here, and said.
      desk.passTo(value);
      const past = next ? value - next.dialTo : value - dialFrom;
      if (value < dialFrom)
        return { phrase: ['backed out by ', desk.dialFigure(dialFrom - value)], tone: 'warn' };
      return past > 1e-9
        ? { phrase: [desk.dialFigure(past), next ? ' past the planned pass' : ' further in'], tone: 'warn' }
        : { phrase: ['not past the planned pass'], tone: 'good' };
    },
    keep: ({ value }, text) => desk.keepPass(value, text),
    empty: next
      ? { label: 'Cut it', turn: passNumber.value, run: () => desk.keepPass(next.dialTo, '') }
      : again.value > 0
        ? { label: 'Cut again', turn: passNumber.value, run: () => desk.keepPass(dialFrom, '') }
        : { label: 'On to Prove', run: toProve },
  };
}

const across = (): Across | null => {
  const next = desk.next.value;
  if (!next)
    return desk.state.value
      ? {
          step: [again.value > 0 ? 'Again at the same figure' : 'At the allowance'],
          label: 'left on diameter',
          figure: length(desk.left.value, 0.01),
        }
      : null;
  return {
    step: ['Feed the dial to'],
    label: dial.value?.reads === 'diameter' ? 'diameter dial' : 'radius dial',
    figure: desk.dialFigure(next.dialTo),
    band: ['leaves ', length(next.leaves, 0.01), ' on diameter'],
  };
};
useStageScreen({
  bar: barRequest,
  across,
  marks: () => ({
    ...(desk.left.value > 0 && desk.state.value ? { stockOver: desk.left.value } : {}),
    ...(desk.stairs.value?.steps.length && (desk.state.value?.passes ?? 0) === 0
      ? { stairs: desk.stairs.value.steps }
      : {}),
  }),
});
</script>

<template>
  <div class="split">
    <section class="main" aria-label="Cutting">
      <BadCombinations />
      <NoticeText v-if="!desk.state.value" tone="warn"
        >Give the stock’s diameter at the right: the passes are counted from it.</NoticeText
      >
      <NoticeText v-else-if="desk.plan.value.error" tone="bad"
        >{{ plainText(desk.plan.value.error.phrase, preferences.units) }} Measure again, or settle it on the
        Prove stage.</NoticeText
      >
      <article v-else class="card sheet" aria-live="polite">
        <template v-if="desk.next.value">
          <h2>Pass {{ passNumber }}: feed the dial to</h2>
          <p class="quiet">
            {{
              begun
                ? 'Always up to the figure in the same direction, so the lash stays taken up.'
                : `Touch the tool on the ${end} with the work turning, draw clear along the bed, and set the dial to zero.`
            }}
          </p>
          <div class="figures">
            <div>
              <p class="label">
                {{ dial?.reads === 'diameter' ? 'Dial, reads diameter' : 'Dial, reads radius' }}
              </p>
              <p class="big"><FigureText :figure="desk.dialFigure(desk.next.value.dialTo)" large /></p>
              <p class="other quiet">
                <FigureText :figure="desk.dialFigure(desk.next.value.dialTo)" other /> · cuts
                <FigureText :figure="length(desk.next.value.depth, 0.001)" /> on radius
              </p>
            </div>
            <div>
              <p class="label">Then left on diameter</p>
              <p class="then-left"><FigureText :figure="length(desk.next.value.leaves, 0.01)" /></p>
              <p class="other quiet">
                {{ desk.next.value.kind === 'last' ? 'one of three equal last cuts' : 'roughing' }}
              </p>
            </div>
          </div>
          <p v-if="measureFirst" class="quiet">
            Measure it before these last cuts: then the dial is known to move what it says, and on Prove the
            first infeed can go nearer to the line.
          </p>
        </template>
        <template v-else>
          <template v-if="again > 0">
            <h2>
              At the finish allowance: cut again at the same figure, {{ again === 1 ? 'once' : 'twice' }}
            </h2>
            <p class="quiet">
              Nothing fed in. What the last cut sprang comes off now and is not taken for metal by the try;
              and where the edge stands is known from it, which saves a try later.
            </p>
          </template>
          <template v-else>
            <h2>At the finish allowance</h2>
            <p class="quiet">Stop, clean both, and try it in its mate before another cut.</p>
          </template>
          <p class="big">
            <FigureText :figure="length(desk.left.value, 0.01)" large />
            <span class="after">left on diameter</span>
          </p>
        </template>
        <div class="count" role="img" :aria-label="`Left: ${desk.plan.value.passes.length} passes`">
          <span class="label"
            >Now at the {{ end }} <FigureText :figure="length(desk.state.value.now, 0.01)" /> · left to the
            allowance <FigureText :figure="length(Math.max(0, toAllowance), 0.01)"
          /></span>
          <span class="pips" aria-hidden="true"
            ><i v-for="(pass, index) in desk.plan.value.passes" :key="index" :class="pass.kind"
          /></span>
        </div>
      </article>
      <div v-if="desk.state.value" class="switch" role="group" aria-label="What the reading bar asks for">
        <v-btn :class="{ on: asking === 'dial' }" :aria-pressed="asking === 'dial'" @click="asking = 'dial'"
          >By the dial</v-btn
        >
        <v-btn
          :class="{ on: asking === 'measured' }"
          :aria-pressed="asking === 'measured'"
          @click="asking = 'measured'"
          >I measured it</v-btn
        >
        <v-btn @click="toProve">Try it now</v-btn>
      </div>
      <WarmPiece
        v-if="asking === 'measured'"
        :warmth="warmth"
        :draft-key="`${model.key.value}.${job.piece}.warm`"
      />
      <PassTable v-if="desk.state.value" :desk="desk" />
    </section>
    <aside class="side">
      <DrillFirst />
      <PacePanel />
      <StaircasePanel
        v-if="desk.stairs.value"
        :desk="desk"
        :stairs="desk.stairs.value"
        :external="external"
      />
      <CutFigures :end="end" />
      <NoticeText tone="bad"
        >Tool clear and the drawbar or chuck tight before power feed. Chips with a brush, never by hand. The
        machine’s manual and the shop’s rules come first.</NoticeText
      >
    </aside>
  </div>
</template>

<style scoped>
.card {
  border: 2px solid var(--blue);
  padding: 16px 20px;
}
h2 {
  font-size: 20px;
  font-weight: 650;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 56px;
  margin-top: 10px;
}
.big {
  font-size: 60px;
  font-weight: 650;
  line-height: 1.08;
}
.after {
  font-size: 18px;
  color: var(--ink-2);
  font-weight: 500;
}
.then-left {
  font-size: 34px;
  font-weight: 600;
  line-height: 1.9;
}
.other {
  font-size: 14.5px;
}
.count {
  margin-top: 12px;
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.pips {
  display: flex;
  gap: 4px;
}
.pips i {
  width: 16px;
  height: 10px;
  background: var(--metal-2);
  border-radius: 2px;
}
.pips .last {
  background: var(--brass-edge);
}
.switch {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.on {
  border: 2px solid var(--blue);
  color: var(--blue);
}
@media (max-width: 560px) {
  .big {
    font-size: 46px;
  }
}
</style>
