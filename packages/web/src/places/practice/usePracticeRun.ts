import {
  adviceOn,
  exerciseOf,
  type Exercise,
  type ExerciseId,
  type Knob,
  type Outcome,
  type PastRun,
  type Taken,
} from '@anello/core/practice';
import type { Phrase } from '@anello/core/figure';
import type { LatheAction, Truth } from '@anello/core/virtual-lathe';
import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { heldRun } from '../../data/practice/done';
import { useRuns } from './runs';
import { useLatheInHand, type LatheInHand } from './useLatheInHand';
import { turnedIn } from './useReplay';

export interface PracticeDesk {
  readonly exercise: Exercise;
  readonly level: PastRun['level'];
  readonly seed: number;
  readonly hand: LatheInHand;
  readonly knobs: ComputedRef<readonly { readonly knob: Knob; readonly shows: number }[]>;
  /** The needle where it stands now, mm; null where nothing is indicated. */
  readonly needle: ComputedRef<number | null>;
  readonly taken: Ref<readonly Taken[]>;
  readonly advice: ComputedRef<Phrase>;
  /** How it came out; null while it is worked. */
  readonly outcome: Ref<{ readonly outcome: Outcome; readonly truth: Truth } | null>;
  /** Takes the needle, or measures. */
  take(): void;
  zero(of: 'needle' | 'cross'): void;
  finish(answer: number | null): void;
  /** Left in the middle: the next run is on another lathe. */
  giveUp(): void;
}

/** One run: a hidden lathe, what is done to it, and what it shows. One that was left in the middle is taken up again. */
export function usePracticeRun(id: ExerciseId, given: { seed?: number } = {}): PracticeDesk {
  const exercise = exerciseOf(id);
  const runs = useRuns();
  const { seed, level } = runs.takeUp(id, given.seed);
  const taken = ref<readonly Taken[]>([]);
  const outcome = shallowRef<{ outcome: Outcome; truth: Truth } | null>(null);
  const looks = exercise.reads[0];
  const run = heldRun(`run-${id}-${seed}`);
  const hand = useLatheInHand({
    begin: () => exercise.begin(seed, level),
    run,
    done(action, { reading }) {
      if (READS.has(action.do) && reading !== undefined) keepTaken(reading);
    },
  });

  function keepTaken(reading: number): void {
    const { lathe } = hand;
    const { spindle = 0, bar = 0 } = turnedIn(lathe.log);
    const [cross, carriage] = [lathe.dial('cross'), lathe.dial('carriage')];
    taken.value = [...taken.value, { reading, cross, carriage, spindle, bar }];
  }
  return {
    exercise,
    level,
    seed,
    hand,
    knobs: computed(() => exercise.knobs.map((knob) => ({ knob, shows: hand.shows(knob) }))),
    needle: computed(() => (looks && 'needle' in looks ? hand.shown.value.watch(looks.needle) : null)),
    taken,
    advice: computed(() => adviceOn(id, taken.value)),
    outcome,
    take() {
      if (!looks || outcome.value) return;
      hand.act(
        'needle' in looks ? { do: 'indicate', on: looks.needle } : { do: 'measure', ...looks.micrometer },
      );
    },
    zero: (of) =>
      void hand.act({ do: 'zero', of, ...(looks && 'needle' in looks ? { on: looks.needle } : {}) }),
    finish(answer) {
      hand.end();
      const came = exercise.judge(hand.lathe, answer);
      outcome.value = { outcome: came, truth: hand.lathe.reveal() };
      const [minutes, takings] = [hand.lathe.seconds / 60, taken.value.length];
      runs.keep({ exercise: id, level, seed, right: came.right, minutes, takings });
      void run.drop();
    },
    giveUp() {
      runs.giveUp(id);
      void run.drop();
    },
  };
}
/** What is read off the lathe. */
const READS: ReadonlySet<LatheAction['do']> = new Set(['indicate', 'measure', 'height']);
