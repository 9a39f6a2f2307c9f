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

<style scoped>
.ways {
  padding: 16px 18px 28px;
  display: grid;
  gap: 14px;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(290px, 100%), 1fr));
  gap: 16px;
}
.card {
  padding: 14px 18px;
  display: grid;
  gap: 6px;
  align-content: start;
}
.card .v-btn {
  align-self: end;
}
.chosen {
  border: 2px solid var(--blue);
}
header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
}
h2 {
  font-size: 18px;
  font-weight: 650;
}
.best {
  color: var(--green);
  font-weight: 650;
}
.big {
  font-size: 40px;
  font-weight: 650;
  line-height: 1.1;
}
ul {
  margin: 0;
  padding-left: 18px;
}
.out {
  list-style: none;
  margin: 6px 0 0;
  padding: 4px 16px;
}
.out li {
  display: grid;
  grid-template-columns: minmax(190px, 0.4fr) 1fr;
  gap: 4px 16px;
  padding: 10px 0;
}
.out li + li {
  border-top: 1px solid var(--rule);
}
.why {
  color: var(--red);
}
@media (max-width: 680px) {
  .out li {
    grid-template-columns: 1fr;
  }
}
</style>
