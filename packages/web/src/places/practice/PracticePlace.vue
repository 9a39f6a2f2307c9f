<script setup lang="ts">
import {
  CRAFT,
  EXERCISE_IDS,
  exerciseOf,
  PIECE_IDS,
  pieceFaults,
  pieceOf,
  type ExerciseId,
  type PieceId,
  type PracticeId,
} from '@anello/core/practice';
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import PhraseText from '../../ui/PhraseText.vue';
import { useLeadOn } from '../../ui/useLeadOn';
import RunsChart from './RunsChart.vue';
import PracticeRun from './PracticeRun.vue';
import { pieceJob } from './pieces';
import { openPracticeJobs } from '../../data/practice/book';
import type { PracticeJob } from '../../data/practice/kept';
import { beginPractice } from '../../data/practice/begin';
import FreePlay from './FreePlay.vue';
import { useRuns } from './runs';

/** A made-up lathe with hidden faults: the exercises in the order of the craft, or one of them. */
const route = useRoute();
const runs = useRuns();
const lead = useLeadOn();
const picked = computed(
  () => EXERCISE_IDS.find((id) => id === route.params['exercise']) ?? (null as ExerciseId | null),
);
/** An exercise that is a job is begun, and gone to. */
const piece = computed(
  () => PIECE_IDS.find((id) => id === route.params['exercise']) ?? (null as PieceId | null),
);
const begin = (id: PieceId): Promise<void> =>
  lead(async () => {
    const { seed: drawn, level } = runs.draw(id);
    const job = pieceJob(pieceOf(id));
    const lathe = seed.value ?? drawn;
    const hidden = { seed: lathe, level, faults: pieceFaults(id, lathe) };
    const at = await beginPractice({ ...job, exercise: id, hidden });
    return `/job/${at}/${job.until === 'set' ? 'set' : 'way'}/${job.feature}`;
  }, 'replace');
/** One more run is another lathe. */
const round = ref(0);
const seed = computed(() => {
  const asked = Number(route.query['lathe']);
  return Number.isInteger(asked) && asked > 0 && round.value === 0 ? asked : undefined;
});
watch(piece, (id) => id && void begin(id), { immediate: true });
/** The last of them are drawn. */
const SHOWN = 40;
const toldOf = (id: PracticeId) =>
  PIECE_IDS.includes(id as PieceId) ? pieceOf(id as PieceId) : exerciseOf(id as ExerciseId);
/** Jobs left in the middle: their lathes stand as they were. */
const left = shallowRef<readonly PracticeJob[]>([]);
onMounted(async () => (left.value = await openPracticeJobs()));
const rows = computed(() =>
  CRAFT.map((id) => {
    const mine = runs.of(id);
    return {
      exercise: toldOf(id),
      level: runs.levelOf(id),
      right: mine.filter((run) => run.right).length,
      mine: mine.slice(-SHOWN),
      count: mine.length,
    };
  }),
);
</script>

<template>
  <PracticeRun v-if="picked" :key="`${picked} ${round}`" :of="picked" :seed="seed" @again="round++" />
  <FreePlay v-else-if="route.params['exercise'] === 'job'" />
  <main v-else-if="piece" class="page">
    <p class="quiet" role="status">Making the lathe ready…</p>
  </main>
  <main v-else class="page">
    <header>
      <h1>Practice</h1>
      <p class="quiet">
        A made-up lathe with faults that nobody tells you: find them before they cost a part. At the end it
        tells the truth. It grows harder as you get it right.
      </p>
      <v-btn to="/practice/job">Try a job of the rack first</v-btn>
    </header>
    <section v-if="left.length" class="left" aria-label="Left in the middle">
      <h2>Still on the lathe</h2>
      <router-link v-for="job in left" :key="job.id" :to="`/job/${job.id}`" class="sheet">{{
        job.row.document.title
      }}</router-link>
    </section>
    <ol class="list">
      <li v-for="(row, i) in rows" :key="row.exercise.id" class="sheet">
        <router-link :to="`/practice/${row.exercise.id}`" class="open">
          <span class="number fig">{{ i + 1 }}</span>
          <span class="what">
            <strong>{{ row.exercise.title }}</strong>
            <span class="quiet"><PhraseText :phrase="row.exercise.goal" /></span>
          </span>
          <span class="past">
            <span class="quiet">level {{ row.level }} of 5</span>
            <span v-if="row.count">{{ row.right }} of {{ row.count }} right</span>
            <span v-else class="quiet">not tried yet</span>
          </span>
          <RunsChart v-if="row.count > 1" :runs="row.mine" :title="row.exercise.title" class="runs" />
        </router-link>
      </li>
    </ol>
  </main>
</template>

<style scoped>
.left {
  max-width: 980px;
  margin-bottom: 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.left h2 {
  font-size: 17px;
  font-weight: 650;
}
.left a {
  padding: 12px 16px;
}
.list {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 10px;
  max-width: 980px;
}
.open {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr) auto auto;
  gap: 14px;
  align-items: center;
  padding: 14px 18px;
  text-decoration: none;
}
.number {
  font-size: 30px;
  color: var(--ink-2);
}
.what {
  display: grid;
  gap: 2px;
}
.what strong {
  font-size: 19px;
}
.past {
  display: grid;
  justify-items: end;
}
@media (max-width: 640px) {
  .open {
    grid-template-columns: 30px minmax(0, 1fr);
  }
  .past,
  .runs {
    grid-column: 2;
    justify-items: start;
  }
}
</style>
