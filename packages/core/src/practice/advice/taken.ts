import type { Phrase } from '../../figure/phrase';

/** A reading as it was taken: by needle or micrometer, with what the dials showed then. */
export interface Taken {
  readonly reading: number;
  readonly cross: number;
  /** The spindle, rad from jaw 1. */
  readonly spindle: number;
  /** The carriage, and how far the bar's end was moved by then, mm. */
  readonly carriage: number;
  readonly bar: number;
  /** Under jaw 1, mm; none where nothing is said. */
  readonly packing?: number;
  /** Which of the exercise's looks it was, from 0. */
  readonly look?: number;
}

/** Where the handles stand now. */
export interface Stand {
  readonly cross: number;
  readonly carriage: number;
}

/** What is said at an exercise, from what was taken and where the handles stand. */
export type Advice = (taken: readonly Taken[], stand: Stand) => Phrase;

export const mean = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0) / of.length;
