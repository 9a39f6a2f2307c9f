<script setup lang="ts">
import { count } from '@anello/core/figure';
import { FEELS, type Feel } from '@anello/core/job';
import { computed } from 'vue';
import type { EvidenceDesk } from './useEvidence';
import { useJobModel } from '../../model/useJobModel';
import NudgePlan from '../../../drawing/NudgePlan.vue';
import FigureText from '../../../ui/FigureText.vue';
import NoticeText from '../../../ui/NoticeText.vue';
import PhraseText from '../../../ui/PhraseText.vue';
import { useJob } from '../../../data/stores/job';
import ContactPicks from './ContactPicks.vue';
import MeasuredCone from './MeasuredCone.vue';

/** What was seen and felt in the mate, and what that makes of it: causes ranked, contradictions, the check to make next. */
const props = defineProps<{ desk: EvidenceDesk; clocking: boolean }>();
defineEmits<{ clock: [] }>();
const job = useJob();
const model = useJobModel();
const task = computed(() => model.taper.value?.task ?? null);
const fit = computed(() => props.desk.fit.value);
const best = computed(() => props.desk.best.value);
const nudge = computed(() => props.desk.nudge.value);
const SHOWN = 3;
const FAINT = 0.02;
const causes = computed(() => (fit.value?.causes ?? []).slice(0, SHOWN).filter((c) => c.belief > FAINT));

const LABELS: Readonly<Record<Feel, readonly [string, string]>> = {
  'loose-large': ['loose at the large end', 'loose at the mouth'],
  'loose-small': ['loose at the small end', 'loose at the bottom'],
  'loose-both': ['loose at both ends', 'drops in, loose'],
  firm: ['no shake', 'no shake'],
  sticks: ['sticks', 'sticks'],
  'lets-go': ['will not stick', 'will not stick'],
  warm: ['warmer than its gauge', 'warmer than its gauge'],
  'as-cool': ['as cool as its gauge', 'as cool as its gauge'],
};
const felt = (feel: Feel): boolean =>
  props.desk.evidence.value.some((e) =>
    e.kind === 'shake'
      ? feel === (e.where === 'none' ? 'firm' : `loose-${e.where}`)
      : e.kind === 'warmer'
        ? feel === (e.by === 0 ? 'as-cool' : 'warm')
        : e.kind === 'sticks' && feel === (e.holds ? 'sticks' : 'lets-go'),
  );
const label = (feel: Feel): string => LABELS[feel][task.value?.member === 'internal' ? 1 : 0];

async function keepFeel(feel: Feel): Promise<void> {
  await model.keepAndOffer({ kind: 'felt', feel }, `Kept: ${label(feel)}.`);
}
</script>

<template>
  <template v-if="task">
    <h2 class="label">Where did it touch?</h2>
    <ContactPicks :picked="desk.picked.value" :member="task.member" @pick="desk.keepContact" />
    <h2 class="label">What did you feel?</h2>
    <div class="feels">
      <button
        v-for="feel in FEELS"
        :key="feel"
        type="button"
        class="plain"
        :aria-pressed="felt(feel)"
        @click="keepFeel(feel)"
      >
        {{ label(feel) }}
      </button>
    </div>
    <MeasuredCone :key="`${model.key.value}.${job.piece}`" :member="task.member" />
    <template v-if="fit && best">
      <NoticeText v-for="(both, index) in fit.contradictions" :key="index" tone="bad"
        ><PhraseText :phrase="both"
      /></NoticeText>
      <ol class="causes">
        <li v-for="(cause, index) in causes" :key="cause.cause" class="sheet" :class="{ first: index === 0 }">
          <p class="head">
            <strong>{{ cause.title }}</strong>
            <FigureText :figure="{ quantity: 'percent', value: cause.belief }" />
          </p>
          <p class="meter" aria-hidden="true"><span :style="{ width: `${cause.belief * 100}%` }" /></p>
          <p class="quiet"><PhraseText :phrase="cause.reason" /></p>
          <p v-if="index === 0">{{ cause.next }}</p>
        </li>
      </ol>
      <NoticeText v-if="fit.nextCheck" tone="plain"
        ><strong>To tell them apart:</strong> <PhraseText :phrase="fit.nextCheck"
      /></NoticeText>
      <div v-if="nudge" class="nudge sheet">
        <p class="label">{{ nudge.measured ? 'Nudge' : 'A first trial nudge' }}</p>
        <p class="amount"><FigureText :figure="nudge.nudge.amount" large /></p>
        <p>
          {{ nudge.nudge.place }}, <strong>{{ nudge.nudge.direction }}</strong>
        </p>
        <NudgePlan v-if="nudge.nudge.move" :move="nudge.nudge.move" />
        <p v-if="nudge.nudge.also"><PhraseText :phrase="nudge.nudge.also" /></p>
        <p class="quiet">
          <PhraseText :phrase="nudge.nudge.because" />
          <template v-if="!nudge.measured"
            >Not measured: one good-enough band. Clock the swing to know how much.</template
          >
        </p>
        <p class="quiet">
          Then light passes until all of it is freshly cut: what is tried before that is still the old cone.
        </p>
      </div>
      <v-btn v-if="desk.canClock.value" :aria-pressed="clocking" @click="$emit('clock')">{{
        clocking ? 'Back to the stand-off' : 'Clock the swing at the loose end'
      }}</v-btn>
    </template>
    <p v-else class="quiet">
      Tap what you saw and felt: {{ ' ' }}<FigureText :figure="count(2)" /> of them together say more than
      either.
    </p>
  </template>
</template>

<style scoped>
.feels {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(148px, 1fr));
  gap: 8px;
}
.feels button {
  min-height: 52px;
  padding: 4px 12px;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  background: var(--sheet);
}
.feels [aria-pressed='true'] {
  border: 2px solid var(--blue);
  color: var(--blue);
  font-weight: 650;
}
.causes {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.causes li {
  padding: 8px 14px 10px;
  font-size: 14.5px;
}
.causes .first {
  border: 2px solid var(--blue);
  font-size: 15.5px;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
.meter {
  height: 6px;
  border-radius: 3px;
  background: var(--rule);
  margin: 4px 0 6px;
}
.meter span {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--blue);
}
.nudge {
  padding: 12px 16px;
  border: 1.5px solid var(--brass-edge);
  display: grid;
  gap: 4px;
}
.amount {
  font-size: 34px;
  font-weight: 650;
  line-height: 1.1;
}
</style>
