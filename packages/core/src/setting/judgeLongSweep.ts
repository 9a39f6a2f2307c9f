import { AnelloError } from '../basics/error';
import { halfAngleFromIndicator } from '../gauging/halfAngleFromIndicator';
import { analyseSweep } from '../sweep/analyse';
import { straightestOf, wanderOf } from '../sweep/straightest';
import type { SweepAnalysis } from '../sweep/sweep';
import type { WayId } from '../taper/wayId';
import { bestStretch } from './causes/bar';
import { causesOf } from './causes/registry';
import type { CauseFound } from './causes/kind';
import { nextNudge } from './registry';
import type { Nudge, SettingContext, Sweep } from './setting';
import { climbOf, readingFor } from './stations';

/** Readings taken all along a travel, mm. */
export interface LongSweep {
  readonly travel: readonly number[];
  readonly reading: readonly number[];
  /** The lead of the screw it was fed by, where that is known. */
  readonly lead?: number | undefined;
}

/** What readings all along say of a setting. */
export interface LongVerdict {
  readonly analysis: SweepAnalysis;
  /** The half angle the device stands at, and its standard uncertainty, rad. */
  readonly halfAngle: { readonly value: number; readonly u: number };
  /** Inside its band by the slope; sure of it where twice the uncertainty does not leave it. */
  readonly inBand: boolean;
  readonly sure: boolean;
  /** To the middle of the band; none where it stands so near that there is nothing to gain. */
  readonly nudge: Nudge | null;
  readonly causes: readonly CauseFound[];
}

/**
 * What should be read at each mm of travel while the device stands as it should.
 *
 * @example
 * slopeWanted(SWEEP, SETTING)
 * // → 0.0250979
 */
export const slopeWanted = ({ reads, travelAlong }: Sweep, { task }: SettingContext): number =>
  readingFor(reads, travelAlong, task, 1, task.halfAngle);

/**
 * Judges readings all along a sweep: the angle the device stands at, whatever else the needle's behaviour shows, what each
 * costs on this part and what to do about it. Errors: as analyseSweep; impossible where the sweep is of runout.
 *
 * @example
 * judgeLongSweep('attachment', SETTING, SWEEP, {
 *   travel: SWEEP_AT,
 *   reading: SWEEP_AT.map((z) => z * Math.tan(SETTING.task.halfAngle)),
 * }).inBand
 * // → true
 */
export function judgeLongSweep(
  way: WayId,
  context: SettingContext,
  sweep: Sweep,
  { travel, reading, lead }: LongSweep,
): LongVerdict {
  const { reads, travelAlong, resolution } = sweep;
  if (reads === 'runout')
    throw new AnelloError('impossible', 'sweep', 'Runout is no slope: it is read round the spindle.');
  const { task } = context;
  const analysis = analyseSweep({
    travel,
    reading,
    expectedSlope: slopeWanted(sweep, context),
    resolution,
    ...(lead === undefined ? {} : { lead }),
  });
  const [from, to] = endsOf(travel);
  const length = to - from;
  const wander = wanderOf({ travel, reading, expectedSlope: 0 });
  const straightest =
    task.length < length ? straightestOf({ travel, reading, expectedSlope: 0 }, task.length) : null;
  const facts = { analysis, sweep, task, length, wander, straightest };
  // On a worn bar only the stretch that the part is made on sets its angle.
  const slope = bestStretch(facts)?.slope ?? analysis.slope;
  const climb = climbOf(reads, travelAlong, task, 1, slope.value);
  const { halfAngle } = halfAngleFromIndicator({ travel: 1, radial: climb, travelAlong });
  const u = angleSpread(travelAlong, halfAngle, slope.u) / (reads === 'diameter' ? 2 : 1);
  const off = Math.abs(halfAngle - task.halfAngle);
  const inBand = off <= task.tolerance.halfAngle;
  const nudge =
    off <= OWN_SHARE * task.tolerance.halfAngle ? null : nextNudge(way, context, halfAngle, length);
  return {
    analysis,
    halfAngle: { value: halfAngle, u },
    inBand,
    sure: Math.abs(off - task.tolerance.halfAngle) > 2 * u,
    nudge,
    causes: causesOf({
      ...facts,
      from,
      lead,
      halfAngle,
      nudge: inBand ? null : nudge,
    }),
  };
}

/**
 * Of what the cone may be out by the setting takes this part: tool height, wear along the cut, the lever's own angle and what
 * a nudge itself is out by take theirs. On the practice lathe one shank in twelve that was set no better than its whole band
 * came out of it; of those set to half of it none in a hundred.
 */
const OWN_SHARE = 0.5;

/** The ends are among a few: a list of a hundred thousand is not spread over the arguments of a call. */
const endsOf = (travel: readonly number[]): readonly [number, number] => {
  let [least, most] = [Infinity, -Infinity];
  for (const at of travel) [least, most] = [Math.min(least, at), Math.max(most, at)];
  return [least, most];
};

/** How far an angle is known from how far its climb is: the slope of the arc tangent, or of the arc sine. */
function angleSpread(travelAlong: Sweep['travelAlong'], halfAngle: number, u: number): number {
  const cos = Math.cos(halfAngle);
  return travelAlong === 'axis' ? u * cos ** 2 : u / cos;
}
