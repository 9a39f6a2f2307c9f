import type { Likeness } from './likeness';
import { meanOf, scatterOf } from './spread';
import { LATEST } from './usual';

/** A figure of a lathe as it holds now. */
export interface HeldNow {
  readonly value: number;
  /** How far single ones lie from it, plus or minus (k = 2); null of fewer than two. */
  readonly scatter: number | null;
  /** From so many jobs. */
  readonly jobs: number;
}

/**
 * What holds of a lathe now: the mean of all its jobs, or where it has changed of the latest alone. What a scale was off by
 * before somebody moved it is nothing to set by.
 *
 * @example
 * holdsNow({ points: [{ value: 0.9 }, { value: 1 }], mean: 0.95, scatter: 0.14, changed: null }).value
 * // → 0.95
 */
export function holdsNow({
  points,
  mean,
  scatter,
  changed,
}: Pick<Likeness, 'mean' | 'scatter' | 'changed'> & {
  readonly points: readonly { readonly value: number }[];
}): HeldNow {
  if (!changed) return { value: mean, scatter, jobs: points.length };
  const latest = points.slice(-LATEST).map(({ value }) => value);
  return { value: meanOf(latest), scatter: scatterOf(latest), jobs: latest.length };
}
