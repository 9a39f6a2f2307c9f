import { positive } from '../basics/check';
import { valueAt, type Moment } from './moments';

/** Travel and the needle, each with its own moments on one clock. */
export interface Tracks {
  readonly travel: readonly Moment[];
  readonly reading: readonly Moment[];
  /** Between two moments further apart than this nothing is said, s. */
  readonly longestGap?: number | undefined;
}

/** A place on the travel, and what was read there. */
export interface ReadAt {
  readonly time: number;
  readonly at: number;
  readonly seen: number;
}

/** A readout that says nothing for so long may have been anywhere, s. */
export const LONGEST_GAP = 0.5;

/**
 * Readings with the place at which each was taken, from a readout and an indicator that do not speak at the same moments:
 * the travel is taken straight between its own two nearest. Errors: out-of-range (longestGap).
 *
 * @example
 * pairTracks({ travel: [{ time: 0, value: 10 }, { time: 0.2, value: 12 }], reading: [{ time: 0.05, value: 0.3 }] })
 * // → [{ time: 0.05, at: 10.5, seen: 0.3 }]
 */
export function pairTracks({ travel, reading, longestGap = LONGEST_GAP }: Tracks): readonly ReadAt[] {
  positive(longestGap, 'longestGap', 'The gap');
  return reading.flatMap(({ time, value }) => {
    const at = valueAt(travel, time, longestGap);
    return at === null ? [] : [{ time, at, seen: value }];
  });
}
