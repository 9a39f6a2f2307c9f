import { angle, length } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import { readStations, type StationFit, type StationReading } from '../gauging/readStations';
import type { WayId } from '../way/way';
import { nextNudge } from './registry';
import type { Nudge, SettingContext, Sweep } from './setting';

export interface SweepVerdict {
  readonly fit: StationFit;
  /** Every station read and inside its band. */
  readonly inBand: boolean;
  readonly nudge: Nudge | null;
  /** What the pattern of the readings says, or null while there is nothing to say. */
  readonly remark: Phrase | null;
}

/** Judges the readings of one sweep: in band or not, the pattern, and the next nudge. */
export function judgeSweep(
  way: WayId,
  context: SettingContext,
  sweep: Sweep,
  readings: readonly StationReading[],
): SweepVerdict {
  const fit = readStations({
    readings,
    travelAlong: sweep.travelAlong,
    wanted: context.task.halfAngle,
    band: context.task.tolerance.halfAngle,
    resolution: context.lathe.indicator,
  });
  const inBand = sweep.stations.every((station) => {
    const seen = readings.find((r) => r.at === station.at)?.seen;
    return seen !== undefined && withinBand(seen, station, context.lathe.indicator);
  });
  const nudge = nudgeFor(way, context, fit, readings, inBand);
  return { fit, inBand, nudge, remark: remarkOn(fit, nudge !== null, inBand) };
}

/** In band as far as the indicator can tell: half a division either way is not a difference it shows. */
export function withinBand(seen: number, band: { low: number; high: number }, resolution: number): boolean {
  return seen >= band.low - resolution / 2 && seen <= band.high + resolution / 2;
}

function nudgeFor(
  way: WayId,
  context: SettingContext,
  fit: StationFit,
  readings: readonly StationReading[],
  inBand: boolean,
): Nudge | null {
  const usable = fit.pattern === 'slope' || fit.pattern === 'lash' || fit.pattern === 'bow';
  if (!usable || fit.halfAngle === null || inBand) return null;
  if (Math.abs(fit.halfAngle - context.task.halfAngle) <= context.task.tolerance.halfAngle) return null;
  const travel = Math.max(...readings.map((r) => r.at));
  return nextNudge(way, context, fit.halfAngle, travel);
}

function remarkOn(fit: StationFit, nudged: boolean, inBand: boolean): Phrase | null {
  switch (fit.pattern) {
    case 'too-few':
      return null;
    case 'slope':
      if (inBand) return ['Every station is inside its band.'];
      return nudged
        ? ['The readings climb evenly, so it is the angle. A step between two stations would be lash.']
        : ['Even so far. Read the remaining stations.'];
    case 'lash':
      return [
        'A step of ',
        length(fit.step, 0.001),
        ' after the start, then an even climb: lash. Start further back, then zero. The slope itself stands at ',
        angle(fit.halfAngle ?? 0),
        '.',
      ];
    case 'bow':
      return [
        'The readings bow by ',
        length(fit.scatter, 0.001),
        ' or more between the ends: a worn bar or slide, or the indicator off centre height. Use the part of it nearest this job.',
      ];
    case 'wrong-handle':
      return [
        'These fit the other handle: the slide and the carriage were confused. Say which one moved and read again.',
      ];
    case 'unsteady':
      return [
        'The readings do not fit a slope, a step or a bow. Look for a loose gib, a chip, or a slipped indicator, and read again.',
      ];
  }
}
