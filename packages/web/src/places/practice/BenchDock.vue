<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { PIECE_IDS, pieceOf, type PieceId } from '@anello/core/practice';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import { useKeys } from '../../ui/useKeys';
import { useJob } from '../../data/stores/job';
import type { PracticeJob } from '../../data/practice/kept';
import BenchTools from './BenchTools.vue';
import HandleDial from './HandleDial.vue';
import LatheTruth from './LatheTruth.vue';
import LatheView from './LatheView.vue';
import ReplayBar from './ReplayBar.vue';
import { useBench } from './useBench';
import { useBenchWire } from './useBenchWire';
import { useReadingsTaken } from './useReadingsTaken';

/** The practice lathe under a practice job: worked by hand, while the job's own cards and reading bar say what to do. */
const props = defineProps<{ job: PracticeJob }>();
/** Whether the lathe has the whole place. */
const emit = defineEmits<{ alone: [yes: boolean] }>();
const router = useRouter();
const kept = useJob();
const desk = useBench(props.job);
if (desk) {
  useBenchWire(desk);
  useReadingsTaken(desk);
}
/** On a phone the job has the whole screen until the lathe is wanted. */
const folded = ref(window.matchMedia?.('(max-width: 640px)').matches ?? false);
/** The lathe takes the whole place: the job and what it says are out of sight. */
const alone = ref(false);
const truth = ref(false);
const ended = computed(() => desk?.outcome.value ?? null);
/** What was done is held against what the job says: with it in sight. */
const filling = computed(() => alone.value && !folded.value && !ended.value);
watch(filling, (yes) => emit('alone', yes));
const minutes = computed(() => Math.round(desk?.hand.minutes.value ?? 0));
/** What is to come out, where the job does not say it. */
const goal = PIECE_IDS.includes(props.job.exercise as PieceId)
  ? pieceOf(props.job.exercise as PieceId).goal
  : null;
/** The truth of one that was ended before is told again. */
watch(
  () => desk?.hand.ready.value && kept.state === 'ready',
  (ready) => ready && props.job.ended && desk?.finish(),
  { immediate: true },
);
function finish(): void {
  desk?.finish();
  truth.value = true;
}
function showMoment(step: number): void {
  desk?.hand.replay.showAt(step);
  truth.value = false;
}
useKeys({ l: () => (folded.value = !folded.value) });
</script>

<template>
  <section class="dock" :class="{ alone: filling }" aria-label="The practice lathe">
    <header class="row">
      <button type="button" class="plain fold" :aria-expanded="!folded" @click="folded = !folded">
        {{ folded ? '▲' : '▼' }} Practice lathe <kbd>L</kbd>
      </button>
      <template v-if="desk">
        <span class="quiet"
          >level {{ job.hidden.level }} of 5 · {{ minutes }} {{ minutes === 1 ? 'minute' : 'minutes' }}</span
        >
        <span v-if="!folded && !ended" class="switches" role="group" aria-label="Spindle and feed">
          <v-btn
            :class="{ go: !desk.hand.turning.value }"
            @click="desk.hand.spindle(!desk.hand.turning.value)"
            >{{ desk.hand.turning.value ? 'Stop the spindle' : 'Start the spindle' }}</v-btn
          >
          <v-btn :aria-pressed="desk.hand.feeding.value === 1" @click="desk.hand.feed(1)">◀ Feed</v-btn>
          <v-btn :aria-pressed="desk.hand.feeding.value === -1" @click="desk.hand.feed(-1)">Back ▶</v-btn>
          <v-btn @click="desk.hand.act({ do: 'zero', of: 'cross' })">Dial to 0</v-btn>
          <v-btn
            v-if="desk.bench.couples"
            :aria-pressed="desk.coupled.value"
            @click="desk.hand.act({ do: 'engage', on: !desk.coupled.value })"
            >{{ desk.coupled.value ? 'Uncouple the bar' : 'Couple the bar' }}</v-btn
          >
        </span>
        <span class="push" />
        <v-btn v-if="!folded && !ended" :aria-pressed="alone" @click="alone = !alone">{{
          alone ? 'With the cards' : 'Lathe only'
        }}</v-btn>
        <v-btn v-if="!ended" @click="finish">I say it is right</v-btn>
        <template v-else>
          <v-btn @click="truth = !truth">{{ truth ? 'Look at the lathe' : 'The truth' }}</v-btn>
          <v-btn class="go" @click="router.push('/practice')">All exercises</v-btn>
        </template>
      </template>
    </header>
    <NoticeText v-if="!desk" tone="warn">
      This shape cannot be worked at the practice lathe: its figures or its way are missing.
    </NoticeText>
    <div v-else-if="!folded && truth && ended" class="told">
      <LatheTruth :about="desk.bench.about" v-bind="ended" @show="showMoment" />
      <ReplayBar :replay="desk.hand.replay" />
    </div>
    <div v-else-if="!folded" class="floor">
      <p v-if="filling && goal" class="goal"><PhraseText :phrase="goal" /></p>
      <LatheView
        class="view"
        :compact="!filling"
        :scene="desk.hand.scene.value"
        :line="desk.bench.line"
        :chips="desk.hand.chips.value"
        :indicator="desk.inHand.value === 'indicator' && !desk.hand.turning.value"
      />
      <div class="handles" role="group" aria-label="Handles">
        <HandleDial
          v-for="knob in desk.bench.knobs"
          :key="knob.id"
          :knob="knob"
          :shows="desk.hand.shows(knob)"
          :still="ended !== null || !desk.hand.ready.value"
          :compact="!filling"
          @turn="(by) => desk!.hand.act(knob.turn(by))"
        />
        <NoticeText v-if="desk.hand.chatters.value" tone="warn" class="sings">It sings.</NoticeText>
      </div>
      <BenchTools :desk="desk" :still="ended !== null" class="reads" />
    </div>
  </section>
</template>

<style scoped>
.dock {
  background: var(--sheet);
  border-top: 3px solid var(--brass-edge);
  max-height: 46vh;
  overflow-y: auto;
}
.row {
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--sheet);
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  padding: 4px 12px;
}
.fold {
  min-height: 44px;
  font-weight: 650;
}
.switches {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.switches [aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.push {
  flex: 1;
}
.floor {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) minmax(0, auto) 310px;
  gap: 12px;
  padding: 0 12px 10px;
  align-items: start;
}
.view {
  max-height: 190px;
}
.goal {
  grid-column: 1 / -1;
  font-size: 18px;
  font-weight: 600;
}
.handles {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  max-width: 624px;
}
.told {
  padding: 0 12px 12px;
  display: grid;
  gap: 10px;
}
.alone {
  max-height: none;
  height: 100%;
}
.alone .floor {
  grid-template-columns: minmax(0, 1fr) 340px;
}
.alone .view {
  max-height: 46vh;
}
.alone .handles {
  grid-row: 3;
  max-width: none;
}
.alone .handles > * {
  flex: 1 1 150px;
}
.alone .reads {
  grid-row: 2 / 4;
  grid-column: 2;
}
@media (max-width: 1100px) {
  .row .quiet {
    display: none;
  }
  .floor {
    grid-template-columns: minmax(150px, 1fr) minmax(0, auto) 290px;
  }
  .handles {
    max-width: 440px;
  }
}
@media (max-width: 860px) {
  .floor {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
