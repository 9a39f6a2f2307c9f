import { nextLevel, type PastRun, type PracticeId } from '@anello/core/practice';
import type { PracticeRun, PracticeRuns } from '@anello/contract';
import { useLocalStorage } from '@vueuse/core';
import { request } from '../../data/api';
import { computed, watch, type ComputedRef } from 'vue';
import { LOCAL } from '../../data/names';
import { useOutbox } from '../../data/stores/outbox';
import { newId } from '../../data/newId';
import { anyLathe } from '../../data/practice/begin';
import { usePreferences } from '../../data/stores/preferences';

/** One run at the practice lathe: it is nobody's job, and no lathe's history. */
export type Run = PracticeRun;

const PRACTICE_RUNS = '/api/practice-runs';
/** So many are held here: older ones go, and stay on the server. */
const KEPT = 300;

export interface Runs {
  /** The runs of whoever is at this screen, the first of them first. */
  readonly mine: ComputedRef<readonly Run[]>;
  of(exercise: PracticeId): readonly Run[];
  /** How hard the next one of an exercise is. */
  levelOf(exercise: PracticeId): PastRun['level'];
  keep(run: Omit<Run, 'id' | 'operator' | 'at'>): void;
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

export function useRuns(): Runs {
  const preferences = usePreferences();
  const outbox = useOutbox();
  const all = useLocalStorage<Run[]>(LOCAL.practice, []);
  const running = useLocalStorage<Partial<Record<PracticeId, Begun>>>(LOCAL.practiceRunning, {});
  const mine = computed(() => all.value.filter(({ operator }) => operator === preferences.operator));
  const of = (exercise: PracticeId): readonly Run[] => mine.value.filter((run) => run.exercise === exercise);
  const draw = (exercise: PracticeId): Begun => ({ seed: anyLathe(), level: nextLevel(of(exercise)) });
  function giveUp(exercise: PracticeId): void {
    const { [exercise]: _left, ...rest } = running.value;
    running.value = rest;
  }
  const send = (run: Run): Promise<void> => outbox.add({ method: 'POST', url: PRACTICE_RUNS, body: run });
  /** What the shop has of this person's, from whichever screen; what only this screen has goes there. */
  async function join(): Promise<void> {
    const asked = new URLSearchParams({ operator: preferences.operator });
    const { runs } = await request<PracticeRuns>('GET', `${PRACTICE_RUNS}?${asked}`);
    // Those of an older Anello have no id of their own yet.
    const here = all.value.map((run) => (run.id ? run : { ...run, id: newId() }));
    const known = new Set(
      [...runs, ...outbox.waiting.map(({ body }) => body as { id?: string })].map(({ id }) => id),
    );
    const missing = here.filter((run) => run.operator === preferences.operator && !known.has(run.id));
    const ids = new Set(here.map(({ id }) => id));
    all.value = [...here, ...runs.filter(({ id }) => !ids.has(id))]
      .sort((a, b) => a.at.localeCompare(b.at))
      .slice(-KEPT);
    for (const run of missing) await send(run);
  }
  watch(
    () => preferences.operator,
    // With the server away this screen's own are shown, and sent another time.
    () => void join().catch(() => undefined),
    { immediate: true },
  );
  return {
    mine,
    of,
    levelOf: (exercise) => nextLevel(of(exercise)),
    keep(run) {
      const { operator } = preferences;
      const whole: Run = { ...run, id: newId(), operator, at: new Date().toISOString() };
      all.value = [...all.value, whole].slice(-KEPT);
      void send(whole);
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
