<script setup lang="ts">
import { HELD } from '../../data/names';
import { useHeld } from '../../data/useHeld';
import { AnelloError } from '@anello/core/basics';
import { handFeedPace, USUAL_CUT } from '@anello/core/cutting';
import { count } from '@anello/core/figure';
import { parseQuantity } from '@anello/core/quantity';
import { useEventListener } from '@vueuse/core';
import { computed } from 'vue';
import { useBeat } from './useBeat';
import { useJobModel } from '../model/useJobModel';
import FigureText from '../../ui/FigureText.vue';
import { useJob } from '../../data/stores/job';

/** How fast to turn this lathe's handle for the wanted feed: a beat to see, and to hear if wanted. */
const job = useJob();
const model = useJobModel();
const lead = computed(() => model.lathe.value?.compound?.screwLead ?? null);
const byHand = computed(() => model.wayChosen.value?.feeds === 'compound');
const speed = useHeld(HELD.paceSpeed, '300');
const feed = computed(() => job.document?.cut.feed?.value ?? USUAL_CUT.feed);
const spindle = computed(() => {
  try {
    return parseQuantity({ text: speed.value, dimension: 'speed', defaultUnit: 'rpm' }).value;
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
});
const pace = computed(() =>
  lead.value === null || spindle.value === null || spindle.value <= 0
    ? null
    : handFeedPace({ spindleSpeed: spindle.value, feedPerRev: feed.value, travelPerTurn: lead.value }),
);
const { running, loud, beat, toggle } = useBeat(computed(() => pace.value?.secondsPerTurn ?? 1));
const SLOWEST = 10;
const nudge = (by: number): void => {
  if (spindle.value !== null) speed.value = String(Math.max(SLOWEST, Math.round(spindle.value + by)));
};
useEventListener('keydown', (event: KeyboardEvent) => {
  const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea');
  if (event.key === 'p' && !typing && !event.ctrlKey && !event.metaKey && pace.value) toggle();
});
</script>

<template>
  <section v-if="byHand && lead !== null" class="pace sheet" aria-label="Pace of the handle">
    <h2 class="label">Pace of the handle, fed by hand</h2>
    <div class="row">
      <label
        >Spindle, turns a minute
        <input v-model="speed" class="fig" inputmode="numeric" autocomplete="off" />
      </label>
      <v-btn aria-label="Slower" @click="nudge(-10)">−</v-btn>
      <v-btn aria-label="Faster" @click="nudge(10)">+</v-btn>
    </div>
    <template v-if="pace">
      <p class="big">
        <FigureText :figure="count(pace.turnsPerMinute, 0.1)" /> <span class="after">turns a minute</span>
      </p>
      <p class="quiet">
        one turn in <FigureText :figure="count(pace.secondsPerTurn, 0.1)" /> s, for
        <FigureText :figure="{ quantity: 'length', value: feed, resolution: 0.01 }" /> a turn of the work
      </p>
      <div class="row">
        <v-btn :class="{ go: !running }" @click="toggle"
          >{{ running ? 'Stop' : 'Beat' }} <kbd class="key-of">P</kbd></v-btn
        >
        <v-switch v-model="loud" label="Hear it" density="compact" hide-details color="var(--blue)" />
        <span
          v-if="running"
          :key="beat"
          class="light"
          :style="{ animationDuration: `${pace.secondsPerTurn}s` }"
          aria-hidden="true"
        />
      </div>
    </template>
    <p v-else class="quiet">Give the spindle’s speed as a number.</p>
  </section>
</template>

<style scoped>
.pace {
  padding: 10px 14px;
  display: grid;
  gap: 6px;
}
.row {
  display: flex;
  gap: 10px;
  align-items: center;
}
label {
  font-size: 14px;
  color: var(--ink-2);
  display: grid;
  gap: 2px;
}
input {
  width: 104px;
  height: 48px;
  padding: 0 12px;
  font-size: 19px;
  border: 1px solid var(--rule-2);
  border-radius: 8px;
  background: var(--field);
  color: var(--ink);
}
.big {
  font-size: 34px;
  font-weight: 650;
  line-height: 1.1;
}
.big .after {
  font-size: 16px;
  font-weight: 500;
  color: var(--ink-2);
}
.key-of {
  margin-left: 8px;
}
.light {
  width: 26px;
  height: 26px;
  border-radius: 50%;
  background: var(--blue);
  animation-name: swell;
  animation-timing-function: ease-out;
}
@keyframes swell {
  from {
    transform: scale(1.25);
    opacity: 1;
  }
  to {
    transform: scale(0.5);
    opacity: 0.25;
  }
}
</style>
