<script setup lang="ts">
import { angle, length } from '@anello/core/figure';
import type { Entry } from '@anello/contract';
import type { ExerciseId } from '@anello/core/practice';
import { computed, ref } from 'vue';
import FigureText from '../../ui/FigureText.vue';
import NoticeText from '../../ui/NoticeText.vue';
import PhraseText from '../../ui/PhraseText.vue';
import QuantityField from '../../ui/QuantityField.vue';
import { useKeys } from '../../ui/useKeys';
import HandleDial from './HandleDial.vue';
import LatheTruth from './LatheTruth.vue';
import LatheView from './LatheView.vue';
import ReplayBar from './ReplayBar.vue';
import PracticeNeedle from './PracticeNeedle.vue';
import { usePracticeRun } from './usePracticeRun';

/** One run at the practice lathe: handles below, what it shows and what the cards say at the right. */
const props = defineProps<{ of: ExerciseId; seed?: number | undefined }>();
const emit = defineEmits<{ again: [] }>();
const desk = usePracticeRun(props.of, props.seed === undefined ? {} : { seed: props.seed });
const { exercise, knobs, needle, taken, outcome, hand, look } = desk;
const { chips, chatters, scene, turning, feeding } = hand;
const advised = ref(true);
const answer = ref<Entry | undefined>();
/** One of several, where they are told. */
const picked = ref<number | null>(null);
const options = (exercise.answer?.options ?? []).map((title, value) => ({ value, title }));
const answered = computed(() => (options.length > 0 ? picked.value : (answer.value?.value ?? null)));
const last = computed(() => taken.value.at(-1) ?? null);
const still = computed(() => outcome.value !== null);
const measures = computed(() => needle.value === null);
const FINE = 0.001;
const DEGREE = Math.PI / 180;
/** What was taken is told by where the spindle stood, or by the dial. */
const bySpindle = exercise.knobs.some(({ id }) => id === 'spindle');
/** Where it is measured by each look, from the free end. */
const places = computed(() =>
  exercise.reads.map((looks) =>
    'micrometer' in looks ? (scene.value.held?.out ?? 0) - looks.micrometer.at : 0,
  ),
);
const byCarriage = !exercise.cuts && exercise.knobs.some(({ id }) => id === 'carriage');
const minutes = computed(() => Math.round(hand.minutes.value));
function another(): void {
  desk.giveUp();
  emit('again');
}
useKeys({
  t: () => {
    if (!still.value) desk.take();
  },
});
</script>

<template>
  <div class="run">
    <header class="head">
      <h1>{{ exercise.title }}</h1>
      <span class="quiet">level {{ desk.level }} of 5</span>
      <span class="quiet spent"
        >{{ minutes }} {{ minutes === 1 ? 'minute' : 'minutes' }} of work · {{ taken.length }} taken</span
      >
      <v-btn v-if="!outcome && taken.length" @click="another">Another lathe</v-btn>
    </header>
    <div class="floor">
      <section class="lathe" aria-label="The lathe">
        <LatheView :scene="scene" :chips="chips" :indicator="!measures" :line="exercise.line" />
      </section>
      <ReplayBar v-if="outcome" :replay="hand.replay" class="again" />
      <section class="handles" aria-label="Handles">
        <HandleDial
          v-for="{ knob, shows } in knobs"
          :key="knob.id"
          :knob="knob"
          :shows="shows"
          :still="still"
          @turn="(by) => hand.act(knob.turn(by))"
        />
        <div v-if="exercise.cuts" class="switches sheet" role="group" aria-label="Spindle and feed">
          <v-btn :class="{ go: !turning }" :disabled="still" @click="hand.spindle(!turning)">{{
            turning ? 'Stop the spindle' : 'Start the spindle'
          }}</v-btn>
          <v-btn :aria-pressed="feeding === 1" :disabled="still" @click="hand.feed(1)">◀ Feed</v-btn>
          <v-btn :aria-pressed="feeding === -1" :disabled="still" @click="hand.feed(-1)">Back ▶</v-btn>
          <v-btn :disabled="still" @click="desk.zero('cross')">Dial to 0</v-btn>
          <v-btn :aria-pressed="hand.sound.value" @click="hand.sound.value = !hand.sound.value">{{
            hand.sound.value ? 'Sound off' : 'Sound on'
          }}</v-btn>
        </div>
      </section>
    </div>
    <aside class="side">
      <LatheTruth v-if="outcome" :about="exercise.about" v-bind="outcome" @show="hand.replay.showAt" />
      <p v-else class="goal"><PhraseText :phrase="exercise.goal" /></p>
      <template v-if="!outcome">
        <section class="reads sheet" aria-label="What it shows">
          <PracticeNeedle v-if="needle !== null" :value="needle" />
          <template v-else>
            <div v-if="places.length > 1" class="do" role="group" aria-label="Where it is measured">
              <v-btn v-for="(place, i) in places" :key="i" :aria-pressed="look === i" @click="look = i"
                ><FigureText :figure="length(place, 1)"
              /></v-btn>
            </div>
            <p class="label">
              Micrometer, <FigureText :figure="length(places[look] ?? 0, 1)" /> from the end
            </p>
            <p class="big">
              <FigureText v-if="last" :figure="length(last.reading, FINE)" large /><span v-else>–</span>
            </p>
          </template>
          <div class="do">
            <v-btn class="go" @click="desk.take()"
              >{{ measures ? 'Measure' : 'Take it' }}&nbsp;<kbd>T</kbd></v-btn
            >
            <v-btn v-if="!measures" @click="desk.zero('needle')">Needle to 0</v-btn>
          </div>
          <ol v-if="taken.length" class="taken" aria-label="Taken">
            <li v-for="(one, i) in taken.slice(-5)" :key="i">
              <FigureText :figure="length(one.reading, FINE, { signed: !measures })" />
              <span v-if="bySpindle" class="quiet"
                >spindle at <FigureText :figure="angle(one.spindle, DEGREE)"
              /></span>
              <span v-else-if="byCarriage" class="quiet"
                >carriage at <FigureText :figure="length(one.carriage, 0.1)"
              /></span>
              <span v-else class="quiet">dial <FigureText :figure="length(one.cross, 0.01)" /></span>
            </li>
          </ol>
        </section>
        <NoticeText v-if="chatters" tone="warn">It sings: too far out for so thin a piece.</NoticeText>
        <section class="says sheet" aria-label="What the cards say">
          <button type="button" class="plain" :aria-expanded="advised" @click="advised = !advised">
            {{ advised ? 'What Anello says' : 'Show what Anello says' }}
          </button>
          <p v-if="advised" class="advice" aria-live="polite"><PhraseText :phrase="desk.advice.value" /></p>
        </section>
        <v-select
          v-if="exercise.answer && options.length"
          v-model="picked"
          :label="exercise.answer.label"
          :items="options"
        />
        <QuantityField
          v-else-if="exercise.answer"
          v-model="answer"
          :label="exercise.answer.label"
          dimension="length"
          :draft-key="`practice.${exercise.id}`"
        />
        <v-btn
          class="done"
          :disabled="exercise.answer !== null && answered === null"
          @click="desk.finish(answered)"
          >I say it is right: show the truth</v-btn
        >
        <p class="quiet">{{ exercise.why }}</p>
      </template>
      <div v-else class="do">
        <v-btn class="go" @click="emit('again')">Once more</v-btn>
        <v-btn to="/practice">All exercises</v-btn>
      </div>
      <p class="quiet">
        A made-up lathe: nothing here is a job, and none of it is any real lathe’s. At a real one the
        machine’s manual and the shop’s rules come first.
      </p>
    </aside>
  </div>
</template>

<style scoped>
.run {
  height: 100%;
  overflow-y: auto;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  grid-template-rows: auto minmax(0, 1fr);
}
.head {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: baseline;
  padding: 12px 22px;
  border-bottom: 1px solid var(--rule);
}
h1 {
  font-size: 22px;
  font-weight: 650;
}
.spent {
  margin-left: auto;
}
.floor {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-auto-rows: max-content;
  min-width: 0;
}
.lathe {
  background: var(--sheet);
  border-bottom: 1px solid var(--rule);
}
.again {
  margin: 12px 18px 0;
}
.handles {
  padding: 12px 18px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(132px, 1fr));
  max-width: 980px;
  gap: 10px;
  align-content: start;
}
.switches {
  padding: 10px;
  display: grid;
  gap: 8px;
  align-content: center;
}
.side {
  border-left: 1px solid var(--rule);
  background: var(--paper-2);
  padding: 14px 18px;
  display: grid;
  gap: 12px;
  align-content: start;
}
.goal {
  font-size: 19px;
  font-weight: 600;
}
.reads,
.says {
  padding: 12px 16px;
  display: grid;
  gap: 8px;
}
.big {
  font-size: 44px;
  line-height: 1.1;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.switches [aria-pressed='true'],
.do [aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
}
.taken {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 2px;
  font-size: 16px;
}
.taken li {
  display: flex;
  justify-content: space-between;
}
.says button {
  min-height: 44px;
  font-weight: 600;
}
.advice {
  font-size: 20px;
}
@media (max-width: 900px) {
  .run {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: none;
  }
  .side {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
</style>
