import type { WayId } from '../taper/wayId';
import { judgeSweep } from './judge';
import type { Nudge, SettingContext, Sweep } from './setting';

/** Readings that far off, in half widths of the band at the last station. */
const OFF = [-8, -4, -2, 2, 4, 8] as const;

/** What was seen at the last station, and what is then nudged. */
export interface NudgeRow {
  readonly at: number;
  readonly seen: number;
  readonly nudge: Nudge;
}

/**
 * What to nudge for readings off to either side, to be looked up by hand where no screen is: the readings of a slope that is
 * off by as much, judged as they would be on the screen. None where a sweep reads no slope, or nothing follows from it.
 *
 * @example
 * nudgeTable('attachment', SETTING, SWEEP).length
 * // → 6
 */
export function nudgeTable(way: WayId, context: SettingContext, sweep: Sweep): NudgeRow[] {
  const last = sweep.stations.at(-1);
  if (!last || sweep.reads === 'runout' || last.at === 0) return [];
  const half = (last.high - last.low) / 2;
  return OFF.flatMap((times) => {
    const off = times * half;
    // A slope that is off takes each station with it by its share of the way.
    const readings = sweep.stations.map(({ at, expected }) => ({
      at,
      seen: expected + (off * at) / last.at,
    }));
    const { nudge } = judgeSweep(way, context, sweep, readings);
    return nudge ? [{ at: last.at, seen: last.expected + off, nudge }] : [];
  });
}
