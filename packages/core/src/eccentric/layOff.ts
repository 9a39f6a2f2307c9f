import { notNegative, positive } from '../basics/check';
import { dialOf, radialOf, type DialReads } from '../machine/dialReads';
import { snap } from '../figure/round';

export interface LayOff {
  /** Dial from the centre to the mark, as it reads, in whole divisions. */
  readonly dial: number;
  /** What the division leaves over, on the throw. */
  readonly leftOver: number;
  /** Go this far first, then come back to the mark, so that the lash is taken up the way the centre was found. */
  readonly past: number;
  /** Between the two marks of both sides, for a rule. */
  readonly across: number;
}

/** Turns past the mark that take up the lash for certain. */
const TAKE_UP = 2;

/**
 * Laying a throw (mm) off from the centre with the cross-slide's dial; lash on radius.
 *
 * @example
 * layOff({ throw: 4.75, division: 0.05, reads: 'radius', lash: 0.1 })
 * // → { dial: 4.75, leftOver: 0, past: 5.25, across: 9.5 }
 */
export function layOff({
  throw: e,
  division,
  reads,
  lash,
}: {
  throw: number;
  division: number;
  reads: DialReads;
  lash: number;
}): LayOff {
  const exact = dialOf(positive(e, 'throw', 'The throw'), reads);
  const dial = snap(exact, positive(division, 'division', 'A division'));
  return {
    dial,
    leftOver: e - radialOf(dial, reads),
    past: dial + Math.max(TAKE_UP * dialOf(notNegative(lash, 'lash', 'The lash'), reads), 10 * division),
    across: 2 * e,
  };
}
