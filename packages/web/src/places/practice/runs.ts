import { nextLevel, type PastRun, type PracticeId } from '@anello/core/practice';
import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import { LOCAL } from '../../data/names';
import { usePreferences } from '../../data/stores/preferences';

/** One run at the practice lathe, as this screen keeps it: it is nobody's job, and no lathe's history. */
export interface Run extends PastRun {
  readonly exercise: PracticeId;
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
  of(exercise: PracticeId): readonly Run[];
  /** How hard the next one of an exercise is. */
  levelOf(exercise: PracticeId): PastRun['level'];
  keep(run: Omit<Run, 'operator' | 'at'>): void;
  /** The lathe of a run that is begun: the one left in the middle, where no other is asked for. */
  takeUp(exercise: PracticeId, seed?: number): Begun;
  /** A lathe nobody knows, as hard as this exercise now is. */
  draw(exercise: PracticeId): Begun;
  /** Leaves the one in the middle: the next is on another lathe. */
  giveUp(exercise: PracticeId): void;
}

/** A run in the middle: which lathe it is on. */
interface Begun {
  readonly seed: number;
  readonly level: PastRun['level'];
}
const LATHES = 1e6;
const anyLathe = (): number => 1 + Math.floor(Math.random() * LATHES);

export function useRuns(): Runs {
  const preferences = usePreferences();
  const all = useLocalStorage<Run[]>(LOCAL.practice, []);
  const running = useLocalStorage<Partial<Record<PracticeId, Begun>>>(LOCAL.practiceRunning, {});
  const mine = computed(() => all.value.filter(({ operator }) => operator === preferences.operator));
  const of = (exercise: PracticeId): readonly Run[] => mine.value.filter((run) => run.exercise === exercise);
  const draw = (exercise: PracticeId): Begun => ({ seed: anyLathe(), level: nextLevel(of(exercise)) });
  function giveUp(exercise: PracticeId): void {
    const { [exercise]: _left, ...rest } = running.value;
    running.value = rest;
  }
  return {
    mine,
    of,
    levelOf: (exercise) => nextLevel(of(exercise)),
    keep(run) {
      const whole = { ...run, operator: preferences.operator, at: new Date().toISOString() };
      all.value = [...all.value, whole].slice(-KEPT);
      giveUp(run.exercise);
    },
    giveUp,
    draw,
    takeUp(exercise, seed) {
      const left = running.value[exercise];
      const begun =
        left && (seed === undefined || seed === left.seed)
          ? left
          : { ...draw(exercise), ...(seed === undefined ? {} : { seed }) };
      running.value = { ...running.value, [exercise]: begun };
      return begun;
    },
  };
}
