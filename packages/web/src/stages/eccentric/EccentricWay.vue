<script setup lang="ts">
import { length, type EccentricAssessment, type EccentricPart } from '@anello/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useEccentric } from '../../composables/useEccentric';
import { useStageScreen } from '../../composables/useStageScreen';
import FigureText from '../../parts/FigureText.vue';
import NoticeText from '../../parts/NoticeText.vue';
import PhraseText from '../../parts/PhraseText.vue';
import { useJob } from '../../stores/job';

/** The ways of making an eccentric side by side on this lathe; one recommended, the user's choice kept. */
defineProps<{ part: EccentricPart }>();
const job = useJob();
const router = useRouter();
const desk = useEccentric();
const found = computed(() => desk.ways.value);
const works = computed(() => (found.value?.assessments ?? []).filter((a) => a.blockers.length === 0));
const ruledOut = computed(() => (found.value?.assessments ?? []).filter((a) => a.blockers.length > 0));
const chosen = computed(() => desk.choice.value.way ?? null);
const isBest = (a: EccentricAssessment): boolean => a.id === found.value?.recommended?.id;

useStageScreen({
  bar: () => {
    const best = found.value?.recommended;
    if (!best) return null;
    const base = {
      key: 'eccentric-way',
      noInput: true,
      dimension: 'length',
      defaultUnit: 'mm',
      keep: () => undefined,
    } as const;
    return chosen.value
      ? {
          ...base,
          label: 'The way is chosen',
          hint: 'Another can be chosen above at any time.',
          empty: { label: 'On to Set', run: () => void router.push(`/job/${job.id}/set`) },
        }
      : {
          ...base,
          label: 'Take the recommended way',
          hint: 'Or choose another above.',
          empty: { label: 'Choose it', run: () => desk.choose(best.id) },
        };
  },
  across: () => {
    const one = found.value?.assessments.find((a) => a.id === (chosen.value ?? found.value?.recommended?.id));
    return one ? { step: [one.title], label: one.settingLabel, figure: one.setting } : null;
  },
});
</script>

<template>
  <div class="ways">
    <NoticeText v-if="!found?.recommended" tone="bad"
      >No way works on this lathe as it is recorded.</NoticeText
    >
    <div class="cards">
      <article
        v-for="way in works"
        :key="way.id"
        class="sheet card"
        :class="{ chosen: way.id === chosen }"
        :aria-label="way.title"
      >
        <header>
          <h2>{{ way.title }}</h2>
          <span v-if="isBest(way)" class="best">recommended</span>
        </header>
        <p class="label">{{ way.settingLabel }}</p>
        <p class="big"><FigureText :figure="way.setting" large /></p>
        <p>
          Travel likely within ±<FigureText :figure="length(way.travelError, 0.01)" />, about
          {{ way.minutes }} minutes
        </p>
        <ul class="quiet">
          <li v-for="(note, index) in way.notes" :key="index"><PhraseText :phrase="note" /></li>
        </ul>
        <v-btn
          :class="{ go: way.id !== chosen && isBest(way) }"
          :aria-pressed="way.id === chosen"
          @click="desk.choose(way.id)"
          >{{ way.id === chosen ? 'Chosen' : 'Choose it' }}</v-btn
        >
      </article>
    </div>
    <section v-if="ruledOut.length" aria-label="What will not work here">
      <h2>What will not work here</h2>
      <ul class="out sheet">
        <li v-for="way in ruledOut" :key="way.id">
          <strong>{{ way.title }}</strong>
          <span class="why"
            ><template v-for="(blocker, index) in way.blockers" :key="index"
              ><PhraseText :phrase="blocker" />{{ ' ' }}</template
            ></span
          >
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped src="../way/cards.css"></style>
