import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import type { Moment } from './moments';

/** A needle that has come to rest. */
export interface Rest {
  /** Where it rests: the mean of what it showed since. */
  readonly value: number;
  /** For how long, s. */
  readonly for: number;
}

/**
 * Where the needle rests now and for how long it has: over the longest stretch up to the last moment in which it moved no
 * more than so much in all. A creeping needle is no rest for longer than it takes to creep so far. Errors: underdetermined;
 * out-of-range (within).
 *
 * @example
 * restOf([{ time: 0, value: 3 }, { time: 1, value: 0.5 }, { time: 2, value: 0.502 }], 0.005)
 * // → { value: 0.501, for: 1 }
 */
export function restOf(track: readonly Moment[], within: number): Rest {
  positive(within, 'within', 'What counts as still');
  const last = track.at(-1);
  if (!last) throw new AnelloError('underdetermined', 'track', 'Nothing was read yet.');
  let [low, high, sum, count] = [last.value, last.value, 0, 0];
  let since = last.time;
  for (let i = track.length - 1; i >= 0; i--) {
    const { value, time } = track[i] as Moment;
    low = Math.min(low, value);
    high = Math.max(high, value);
    if (high - low > within) break;
    sum += value;
    count++;
    since = time;
  }
  return { value: sum / count, for: last.time - since };
}
