import {
  adviceOn,
  exerciseOf,
  type Exercise,
  type ExerciseId,
  type Knob,
  type Looks,
  type Outcome,
  type PastRun,
  type RunStory,
  type Taken,
} from '@anello/core/practice';
import type { Phrase } from '@anello/core/figure';
import type { FaultId, LatheAction, Truth } from '@anello/core/virtual-lathe';
import { computed, ref, shallowRef, type ComputedRef, type Ref } from 'vue';
import { heldRun } from '../../data/practice/done';
import { useRuns } from './runs';
import { useLatheInHand, type LatheInHand } from './useLatheInHand';
import { turnedIn } from './useReplay';

/** How a run came out, what was hidden and found of that, and how it went. */
export interface Ended {
  readonly outcome: Outcome;
  readonly truth: Truth;
  readonly found: Readonly<Partial<Record<FaultId, number>>>;
  readonly story: RunStory;
}

export interface PracticeDesk {
  readonly exercise: Exercise;
  readonly level: PastRun['level'];
  readonly seed: number;
  readonly hand: LatheInHand;
  readonly knobs: ComputedRef<readonly { readonly knob: Knob; readonly shows: number }[]>;
  /** The needle where it stands now, mm; null where nothing is indicated. */
  readonly needle: ComputedRef<number | null>;
  /** Which of the exercise's looks is in hand, from 0. */
  readonly look: Ref<number>;
  readonly taken: Ref<readonly Taken[]>;
  readonly advice: ComputedRef<Phrase>;
  /** How it came out; null while it is worked. */
  readonly outcome: Ref<Ended | null>;
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
  const outcome = shallowRef<Ended | null>(null);
  /** Which of its looks is in hand. */
  const look = ref(0);
  const looks = computed(() => exercise.reads[look.value] as Looks);
  const run = heldRun(`run-${id}-${seed}`);
  const hand = useLatheInHand({
    begin: () => exercise.begin(seed, level),
    run,
    done(action, { reading }) {
      if (READS.has(action.do) && reading !== undefined) keepTaken(action, reading);
    },
  });

  function keepTaken(action: LatheAction, reading: number): void {
    const { lathe } = hand;
    const { spindle = 0, bar = 0, packing = 0 } = turnedIn(lathe.log);
    const [cross, carriage] = [lathe.dial('cross'), lathe.dial('carriage')];
    const which = Math.max(
      0,
      exercise.reads.findIndex((one) => isOf(one, action)),
    );
    taken.value = [...taken.value, { reading, cross, carriage, spindle, bar, packing, look: which }];
  }
  return {
    exercise,
    level,
    seed,
    hand,
    knobs: computed(() => exercise.knobs.map((knob) => ({ knob, shows: hand.shows(knob) }))),
    look,
    needle: computed(() => ('needle' in looks.value ? hand.shown.value.watch(looks.value.needle) : null)),
    taken,
    advice: computed(() => {
      const [cross, carriage] = [hand.shown.value.dial('cross'), hand.shown.value.dial('carriage')];
      return adviceOn(id, taken.value, { cross, carriage });
    }),
    outcome,
    take() {
      if (outcome.value) return;
      const now = looks.value;
      hand.act('needle' in now ? { do: 'indicate', on: now.needle } : { do: 'measure', ...now.micrometer });
    },
    zero: (of) =>
      void hand.act({ do: 'zero', of, ...('needle' in looks.value ? { on: looks.value.needle } : {}) }),
    finish(answer) {
      hand.end();
      const came = exercise.judge(hand.lathe, answer);
      outcome.value = {
        outcome: came,
        truth: hand.lathe.reveal(),
        found: answer === null ? {} : (exercise.found?.(answer) ?? {}),
        story: hand.story((lathe) => exercise.gone?.(lathe) ?? false),
      };
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
/** Whether something that was read was read by a look. */
const isOf = (looks: Looks, action: LatheAction): boolean =>
  'micrometer' in looks && action.do === 'measure' && action.at === looks.micrometer.at;
/** What is read off the lathe. */
const READS: ReadonlySet<LatheAction['do']> = new Set(['indicate', 'measure']);
