<script setup lang="ts">
import { EXERCISE_IDS, exerciseOf, type ExerciseId } from '@anello/core/practice';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import PhraseText from '../../ui/PhraseText.vue';
import RunsChart from './RunsChart.vue';
import PracticeRun from './PracticeRun.vue';
import { useRuns } from './runs';

/** A made-up lathe with hidden faults: the exercises in the order of the craft, or one of them. */
const route = useRoute();
const runs = useRuns();
const picked = computed(
  () => EXERCISE_IDS.find((id) => id === route.params['exercise']) ?? (null as ExerciseId | null),
);
/** One more run is another lathe. */
const round = ref(0);
const seed = computed(() => {
  const asked = Number(route.query['lathe']);
  return Number.isInteger(asked) && asked > 0 && round.value === 0 ? asked : undefined;
});
/** The last of them are drawn. */
const SHOWN = 40;
const rows = computed(() =>
  EXERCISE_IDS.map((id) => {
    const mine = runs.of(id);
    return {
      exercise: exerciseOf(id),
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
  <main v-else class="page">
    <header>
      <h1>Practice</h1>
      <p class="quiet">
        A made-up lathe with faults that nobody tells you: find them before they cost a part. At the end it
        tells the truth. It grows harder as you get it right.
      </p>
    </header>
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
