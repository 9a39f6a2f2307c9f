import type { Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Against, FaultId, HandleId, LatheAction, VirtualLathe } from '../virtual-lathe';
import type { Level } from '../virtual-lathe/faults/draw';

export const EXERCISE_IDS = [
  'four-jaw',
  'lash',
  'bar',
  'worn-bar',
  'to-size',
  'throw',
  'packing',
  'line',
  'two-handles',
  'form-tool',
  'find',
] as const;
export type ExerciseId = (typeof EXERCISE_IDS)[number];

/** Something that is turned by hand: what one click of it is worth, coarse and fine, and what it shows. */
export interface Knob {
  readonly id: string;
  readonly title: string;
  /** One click, as it shows: mm, or rad. */
  readonly coarse: number;
  readonly fine: number;
  readonly shows: 'length' | 'angle';
  /** The handle whose dial it is; without one it is counted from where it was first. */
  readonly handle: HandleId | null;
  turn(by: number): LatheAction;
}

/** What is read at it. */
export type Looks =
  { readonly needle: Against } | { readonly micrometer: { readonly at: number; readonly side: 'outside' } };

/** Something the exercise asks to be said. */
export interface Answer {
  readonly label: string;
  /** One of these, by its number from 0; a length, mm, where there are none. */
  readonly options?: readonly string[];
}

/** How it came out: each figure against what it should be. */
export interface Outcome {
  readonly right: boolean;
  readonly lines: readonly {
    readonly what: string;
    /** None where it is said in words. */
    readonly is: Figure | null;
    readonly wanted: Phrase;
    readonly inside: boolean;
  }[];
}

/** One thing to learn at the lathe. A family: one file each under exercises/. */
export interface Exercise {
  readonly id: ExerciseId;
  readonly title: string;
  /** What is to come out, in a sentence; and why it matters. */
  readonly goal: Phrase;
  readonly why: string;
  readonly knobs: readonly Knob[];
  readonly reads: readonly Looks[];
  /** The spindle may be turned on: metal is cut. */
  readonly cuts: boolean;
  readonly answer: Answer | null;
  /** A line on the work that is to be followed, from the chuck's face; mm. */
  readonly line?: readonly { readonly z: number; readonly r: number }[];
  /** Faults that it is about: told first at the end. */
  readonly about: readonly FaultId[];
  /** A lathe made ready. */
  begin(seed: number, level: Level): VirtualLathe;
  judge(lathe: VirtualLathe, answer: number | null): Outcome;
  /** Metal is gone that was wanted: no more can be made right. Never where nothing is cut. */
  gone?(lathe: VirtualLathe): boolean;
  /** What was found of what is hidden, by what was answered. */
  found?(answer: number): Partial<Record<FaultId, number>>;
}
