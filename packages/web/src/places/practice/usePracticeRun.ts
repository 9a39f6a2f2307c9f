import {
  adviceOn,
  exerciseOf,
  type Exercise,
  type ExerciseId,
  type Knob,
  type Outcome,
  type Taken,
} from '@anello/core/practice';
import type { Phrase } from '@anello/core/figure';
import type { Chips, LatheAction, Scene, Seen, Truth } from '@anello/core/virtual-lathe';
import { useRafFn } from '@vueuse/core';
import { computed, ref, shallowRef, triggerRef, type ComputedRef, type Ref } from 'vue';
import type { PastRun } from '@anello/core/practice';
import { useRuns } from './runs';
import { turnedIn, useReplay, type Replay } from './useReplay';

export interface PracticeDesk {
  readonly exercise: Exercise;
  readonly level: PastRun['level'];
  readonly seed: number;
  readonly scene: ComputedRef<Scene>;
  readonly knobs: ComputedRef<readonly { readonly knob: Knob; readonly shows: number }[]>;
  /** The needle where it stands now, mm; null where nothing is indicated. */
  readonly needle: ComputedRef<number | null>;
  readonly taken: Ref<readonly Taken[]>;
  readonly chips: Ref<Chips['seen']>;
  readonly chatters: Ref<boolean>;
  readonly minutes: ComputedRef<number>;
  readonly turning: ComputedRef<boolean>;
  readonly feeding: Ref<1 | 0 | -1>;
  readonly advice: ComputedRef<Phrase>;
  /** How it came out; null while it is worked. */
  readonly outcome: Ref<{ readonly outcome: Outcome; readonly truth: Truth } | null>;
  /** The run shown again, once it has ended. */
  readonly replay: Replay;
  turn(knob: Knob, by: number): void;
  /** Takes the needle, or measures. */
  take(): void;
  zero(of: 'needle' | 'cross'): void;
  spindle(on: boolean): void;
  /** Power feed: toward the headstock, off, or away from it. */
  feed(way: 1 | 0 | -1): void;
  finish(answer: number | null): void;
}

const TURNS = 400;
/** Power feed, mm to the turn; shown so many times as fast as it is, so that nobody waits. */
const FEED = 0.1;
const FASTER = 8;

/** One run: a hidden lathe, what is done to it, and what it shows. */
export function usePracticeRun(id: ExerciseId, given: { seed?: number } = {}): PracticeDesk {
  const exercise = exerciseOf(id);
  const runs = useRuns();
  const level = runs.levelOf(id);
  const seed = given.seed ?? 1 + Math.floor(Math.random() * 1e6);
  const lathe = exercise.begin(seed, level);
  /** The lathe that is looked at: the one that is worked, or afterwards its run again. */
  const shown = shallowRef(lathe);
  const turned = computed(() => turnedIn(shown.value.log));
  const taken = ref<readonly Taken[]>([]);
  const chips = ref<Chips['seen']>('none');
  const chatters = ref(false);
  const feeding = ref<1 | 0 | -1>(0);
  const outcome = shallowRef<{ outcome: Outcome; truth: Truth } | null>(null);

  const look = (seen: Seen): void => {
    if (seen.chips) [chips.value, chatters.value] = [seen.chips.seen, seen.chips.chatters];
  };
  const act = (action: LatheAction): Seen => {
    const seen = lathe.act(action);
    look(seen);
    triggerRef(shown);
    return seen;
  };
  const replay = useReplay({ exercise, seed, level }, () => lathe.log, shown, look);
  const looks = exercise.reads[0];
  const scene = computed(() => shown.value.scene());
  const shownBy = (knob: Knob): number =>
    knob.handle ? shown.value.dial(knob.handle) : (turned.value[knob.id] ?? 0);

  useRafFn(({ delta }) => {
    if (feeding.value === 0 || outcome.value) return;
    const by = (-feeding.value * FEED * TURNS * FASTER * Math.min(delta, 50)) / 60_000;
    act({ do: 'turn', handle: 'carriage', by, feed: FEED });
    const { tool, held } = lathe.scene();
    if (tool.z < STOP || tool.z > (held?.out ?? 0) + BEYOND) feeding.value = 0;
  });

  function keepTaken(reading: number | undefined): void {
    if (reading === undefined) return;
    const { spindle = 0, bar = 0 } = turned.value;
    const [cross, carriage] = [lathe.dial('cross'), lathe.dial('carriage')];
    taken.value = [...taken.value, { reading, cross, carriage, spindle, bar }];
  }
  return {
    exercise,
    level,
    seed,
    scene,
    knobs: computed(() => exercise.knobs.map((knob) => ({ knob, shows: shownBy(knob) }))),
    needle: computed(() => (looks && 'needle' in looks ? shown.value.watch(looks.needle) : null)),
    taken,
    chips,
    chatters,
    minutes: computed(() => shown.value.seconds / 60),
    turning: computed(() => scene.value.turns > 0),
    feeding,
    advice: computed(() => adviceOn(id, taken.value)),
    outcome,
    replay,
    turn(knob, by) {
      if (outcome.value) return;
      act(knob.turn(by));
    },
    take() {
      if (!looks || outcome.value) return;
      keepTaken(
        'needle' in looks
          ? act({ do: 'indicate', on: looks.needle }).reading
          : act({ do: 'measure', ...looks.micrometer }).reading,
      );
    },
    zero: (of) => void act({ do: 'zero', of, ...(looks && 'needle' in looks ? { on: looks.needle } : {}) }),
    spindle: (on) => void act({ do: 'spindle', turns: on ? TURNS : 0 }),
    feed: (way) => (feeding.value = feeding.value === way ? 0 : way),
    finish(answer) {
      feeding.value = 0;
      replay.ended();
      const came = exercise.judge(lathe, answer);
      outcome.value = { outcome: came, truth: lathe.reveal() };
      runs.keep({
        exercise: id,
        level,
        seed,
        right: came.right,
        minutes: lathe.seconds / 60,
        takings: taken.value.length,
      });
    },
  };
}
/** The carriage is stopped short of the jaws, and past the end of the work. */
const STOP = 6;
const BEYOND = 25;
