import { nextLevel, type ExerciseId, type PastRun } from '@anello/core/practice';
import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { LOCAL } from '../../data/names';
import { usePreferences } from '../../data/stores/preferences';

/** One run at the practice lathe, as this screen keeps it: it is nobody's job, and no lathe's history. */
export interface Run extends PastRun {
  readonly exercise: ExerciseId;
  readonly operator: string;
  readonly seed: number;
  readonly at: string;
  readonly minutes: number;
  readonly takings: number;
}

/** So many are kept: older ones go. */
const KEPT = 300;

export interface Runs {
  /** The runs of whoever is at this screen, the first of them first. */
  readonly mine: ComputedRef<readonly Run[]>;
  of(exercise: ExerciseId): readonly Run[];
  /** How hard the next one of an exercise is. */
  levelOf(exercise: ExerciseId): PastRun['level'];
  keep(run: Omit<Run, 'operator' | 'at'>): void;
}

export function useRuns(): Runs {
  const preferences = usePreferences();
  const all = useLocalStorage<Run[]>(LOCAL.practice, []);
  const mine = computed(() => all.value.filter(({ operator }) => operator === preferences.operator));
  const of = (exercise: ExerciseId): readonly Run[] => mine.value.filter((run) => run.exercise === exercise);
  return {
    mine,
    of,
    levelOf: (exercise) => nextLevel(of(exercise)),
    keep(run) {
      const whole = { ...run, operator: preferences.operator, at: new Date().toISOString() };
      all.value = [...all.value, whole].slice(-KEPT);
    },
  };
}
