import { angle, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { readStations, type StationFit, type StationReading } from '../gauging/readStations';
import type { WayId } from '../taper/wayId';
import { nextNudge } from './registry';
import type { Nudge, SettingContext, Station, Sweep } from './setting';
import { climbOf } from './stations';

export interface SweepVerdict {
  readonly fit: StationFit;
  /** Every station read and inside its band. */
  readonly inBand: boolean;
  readonly nudge: Nudge | null;
  /** What the pattern of the readings says, or null while there is nothing to say. */
  readonly remark: Phrase | null;
}

/**
 * Judges the readings of one sweep: in band or not, the pattern, and the next nudge.
 *
 * @example
 * judgeSweep(
 *   'attachment',
 *   SETTING,
 *   SWEEP,
 *   SWEEP.stations.map(({ at, expected }) => ({ at, seen: expected })),
 * ).inBand
 * // → true
 */
export function judgeSweep(
  way: WayId,
  context: SettingContext,
  sweep: Sweep,
  readings: readonly StationReading[],
): SweepVerdict {
  const inBand = sweep.stations.every((station) => {
    const seen = readings.find((r) => r.at === station.at)?.seen;
    return seen !== undefined && withinBand(seen, station, sweep.resolution);
  });
  if (sweep.reads === 'runout') return judgeRunout(sweep, readings, inBand);
  const climbs = readings.map(({ at, seen }) => ({
    at,
    seen: climbOf(sweep.reads, sweep.travelAlong, context.task, at, seen),
  }));
  const fit = readStations({
    readings: climbs,
    travelAlong: sweep.travelAlong,
    wanted: context.task.halfAngle,
    band: context.task.tolerance.halfAngle,
    resolution: sweep.resolution,
    eitherHandle: sweep.reads === 'climb',
  });
  const nudge = nudgeFor(way, context, fit, climbs, inBand);
  const whole = sweep.stations.every((station) => readings.some((r) => r.at === station.at));
  return { fit, inBand, nudge, remark: remarkOn(sweep, fit, nudge !== null, inBand, whole) };
}

/**
 * In band as far as the indicator can tell: half a division either way is not a difference it shows.
 *
 * @example
 * withinBand(1.88, { low: 1.879, high: 1.885 }, 0.001)
 * // → true
 */
export function withinBand(seen: number, band: { low: number; high: number }, resolution: number): boolean {
  return seen >= band.low - resolution / 2 && seen <= band.high + resolution / 2;
}

/** Runout is no angle: it is inside its limit at every place, or what is clocked is not true. */
function judgeRunout(sweep: Sweep, readings: readonly StationReading[], inBand: boolean): SweepVerdict {
  const fit: StationFit = { pattern: 'too-few', halfAngle: null, uncertainty: null, step: 0, scatter: 0 };
  const bad = readings.filter(({ at, seen }) => {
    const station = sweep.stations.find((s) => s.at === at);
    return station !== undefined && !withinBand(seen, station, sweep.resolution);
  });
  return { fit, inBand, nudge: null, remark: runoutRemark(sweep.stations, bad, inBand) };
}

function runoutRemark(
  stations: readonly Station[],
  bad: readonly StationReading[],
  inBand: boolean,
): Phrase | null {
  if (inBand) return ['True enough at every place: go on.'];
  if (bad.length === 0) return null;
  if (stations.length === 1) return ['Out: put it right, and read again.'];
  return bad.length === stations.length
    ? [
        'Out at every place: it is held off centre. Wipe the seat, turn it half round and read again; do not copy it like this.',
      ]
    : [
        'Out at one end only: it is held crooked, or bent. Seat it again; if it stays, sweep it twice, turned half round between, and take the mean.',
      ];
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

const inBandRemark = (sweep: Sweep): Phrase =>
  sweep.reads === 'still'
    ? ['The needle stays still from end to end.']
    : sweep.stations.length === 1
      ? ['Inside its band.']
      : ['Every station is inside its band.'];

function remarkOn(
  sweep: Sweep,
  fit: StationFit,
  nudged: boolean,
  inBand: boolean,
  whole: boolean,
): Phrase | null {
  switch (fit.pattern) {
    case 'too-few':
      return null;
    case 'slope':
      if (inBand) return inBandRemark(sweep);
      if (sweep.stations.length === 1)
        return nudged ? ['Nudge it, cut again and measure again.'] : ['Near, but not inside its band.'];
      return nudged
        ? [
            'The readings climb evenly, so it is the angle: it stands at ',
            angle(fit.halfAngle ?? 0),
            ', ± ',
            angle(fit.uncertainty ?? 0),
            '. A step between two stations would be lash.',
          ]
        : whole
          ? ['The angle is right and a station is not: read that one again.']
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
