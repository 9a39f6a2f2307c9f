<script setup lang="ts">
import { count, length } from '@anello/core/figure';
import type { InfeedMove, Remedy } from '@anello/core/infeed';
import { computed, defineAsyncComponent } from 'vue';
import type { ApproachDesk } from './useApproach';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import PickOne from '../../../ui/PickOne.vue';

/** What to expect of the next infeed, how the last came out, and the risk that is accepted. */
const props = defineProps<{ desk: ApproachDesk; allowed: number; atLine: boolean }>();
const ApproachChart = defineAsyncComponent(() => import('./ApproachChart.vue'));
const advice = computed(() => props.desk.advice.value);
const { along } = props.desk;
const RISKS = [
  { value: 0.002, title: '1 in 500' },
  { value: 0.01, title: '1 in 100' },
  { value: 0.05, title: '1 in 20' },
];
const WAY_ON: Readonly<Partial<Record<InfeedMove, string>>> = {
  measure: 'Measure it again before anything else.',
  'by-hand': 'Finish it by hand, a little at a time.',
};
const REMEDIES: Readonly<Record<Remedy, string>> = {
  'better-reading': 'The mean of four readings would let it be finished by the dial.',
  'finer-dial': 'A finer dial would: the compound set nearly along the bed, or a clock on the slide.',
};
/** One division too deep would more likely than not be past: a slip of the hand nothing could tell beforehand. */
const slips = computed(() => (advice.value?.slip ?? 0) > 0.5);
const inOne = computed(() => Math.round(1 / Math.max(advice.value?.chance ?? 0, 1e-4)));
const approaches = computed(() => {
  const n = props.desk.lore.value?.approaches ?? 0;
  return `${n} earlier ${n === 1 ? 'approach' : 'approaches'}`;
});
const day = (at: string): string =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
const learned = computed(() => props.desk.approach.value.passes.some((p) => p.removed !== undefined));
</script>

<template>
  <section v-if="advice" class="approach" aria-label="The way to the line">
    <p v-if="atLine && advice.move === 'measure'">
      One reading can be out by enough to hide that it is not. Try it in four times and type the mean.
    </p>
    <template v-else-if="advice.advice === 'cut' && !atLine">
      <p v-if="advice.move === 'spring-pass'">
        <strong>Feed nothing in: take a spring pass.</strong> What the last cut sprang comes off by itself.
      </p>
      <p v-else-if="advice.twice">
        <strong>Twice at the same figure before it is tried.</strong> What the first pass springs comes off
        with the second, so that less is left to chance.
      </p>
      <p v-else-if="advice.move === 'draw-back'">
        <strong>Its spring alone would take too much.</strong> Turn back well past the lash, come in again to
        the figure and take a pass with nothing more fed in.
      </p>
      <p>
        After it, expect
        <strong><FigureText :figure="length(along(advice.prediction.left), 0.01)" /></strong> of stand-off,
        nine times in ten between <FigureText :figure="length(along(advice.prediction.low), 0.01)" /> and
        <FigureText :figure="length(along(advice.prediction.high), 0.01)" />. Past its band: about 1 in
        <FigureText :figure="count(inOne)" />.
      </p>
      <p v-if="slips">
        <strong>One division too many would go past.</strong> Set it, look away, and read the dial again
        before the cut.
      </p>
    </template>
    <template v-else-if="advice.suspicion">
      <NoticeText tone="bad"><PhraseText :phrase="advice.suspicion.looks" /></NoticeText>
      <p><PhraseText :phrase="advice.suspicion.check" /></p>
      <v-btn @click="desk.countFromHere()">Looked at and put right: count from this reading</v-btn>
    </template>
    <NoticeText v-else-if="advice.advice === 'hold'" tone="warn"
      >Any more by the dial is likelier to go past than was accepted. {{ WAY_ON[advice.move] }}
      <template v-for="remedy in advice.remedies" :key="remedy">{{ REMEDIES[remedy] }} </template></NoticeText
    >
    <p v-if="learned && !advice.suspicion" class="quiet">
      So far this tool takes <FigureText :figure="{ quantity: 'percent', value: advice.learned.gain }" /> of
      what is fed, and the rest comes off at the next pass.
    </p>
    <p v-if="desk.lore.value && advice.advice === 'cut' && !atLine" class="quiet">
      It began from {{ approaches }} on this lathe, the last on {{ day(desk.lore.value.latest) }}: its tools
      took <FigureText :figure="{ quantity: 'percent', value: desk.lore.value.gain }" />, believed to
      <FigureText :figure="{ quantity: 'percent', value: desk.lore.value.believed }" /> and less as they grow
      old.
    </p>
    <NoticeText v-if="desk.last.value" :tone="desk.last.value.inside ? 'good' : 'warn'"
      >Last time: foretold <FigureText :figure="length(along(desk.last.value.foretold.low), 0.01)" /> to
      <FigureText :figure="length(along(desk.last.value.foretold.high), 0.01)" />, came
      <FigureText :figure="length(along(desk.last.value.came), 0.01)" />{{
        desk.last.value.inside
          ? '.'
          : ': look for a moved tool, a warm part or a misread dial before the next.'
      }}</NoticeText
    >
    <PickOne
      :model-value="desk.risk.value"
      :picks="RISKS"
      class="risks"
      label="Chance of going past that is accepted"
      @update:model-value="desk.setRisk"
    />
    <p class="label">Chance of scrapping it that is accepted on the way</p>
    <ApproachChart
      v-if="desk.approach.value.points.length > 1 || advice.advice === 'cut'"
      :desk="desk"
      :allowed="allowed"
    />
  </section>
</template>

<style scoped>
.approach {
  display: grid;
  gap: 8px;
  padding-top: 6px;
  border-top: 1px solid var(--rule);
}
.risks {
  height: auto;
  gap: 8px;
  flex-wrap: wrap;
}
</style>
