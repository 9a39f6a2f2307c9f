import { positive } from '../basics/check';

/**
 * How fast to turn a feed handle for a wanted feed (mm per rev) at a spindle speed (rpm), one turn moving
 * travelPerTurn mm. Errors: out-of-range, not-finite. Example: 150 rpm, 0.1, 2 mm a turn → 7.5 turns a minute.
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
