import { positive } from '../basics/check';

/**
 * How fast to turn a feed handle for a wanted feed (mm per rev) at a spindle speed (rpm), one turn moving
 * travelPerTurn mm. Errors: out-of-range, not-finite.
 *
 * @example
 * handFeedPace({ spindleSpeed: 150, feedPerRev: 0.1, travelPerTurn: 2 })
 * // → { turnsPerMinute: 7.5, secondsPerTurn: 8 }
 */
export function handFeedPace({
  spindleSpeed,
  feedPerRev,
  travelPerTurn,
}: {
  spindleSpeed: number;
  feedPerRev: number;
  travelPerTurn: number;
}): { turnsPerMinute: number; secondsPerTurn: number } {
  positive(spindleSpeed, 'spindleSpeed', 'The speed');
  positive(feedPerRev, 'feedPerRev', 'The feed');
  const turnsPerMinute =
    (spindleSpeed * feedPerRev) / positive(travelPerTurn, 'travelPerTurn', 'The travel of one turn');
  return { turnsPerMinute, secondsPerTurn: 60 / turnsPerMinute };
}
