import { AnelloError } from '../basics/error';
import { notNegative, positive } from '../basics/check';
import { length } from '../figure/figure';
import type { Member } from '../taper/task';
import { listLength } from '../basics/check';
import { carriedOn } from './carriedOn';
import { surfaceOf } from './offsetProfile';
import type { CurvePoint, Piece } from './piece';
import { most } from '../basics/extent';
import { PRINTED_BAR } from './usual';

export interface TracerRequest {
  readonly pieces: readonly Piece[];
  readonly member: Member;
  readonly noseRadius: number;
  /** Tip of the stylus that follows the line; nothing for a fine pointer. */
  readonly stylusRadius: number;
  /** Places along the axis the line is drawn through, mm apart. */
  readonly step?: number;
}

export interface TracerCheck {
  /** Along the axis, and the work's diameter there. */
  readonly z: number;
  readonly diameter: number;
  /** How far the tip touched off stands from the axis there: what the cross-slide is read by, mm. */
  readonly tip: number;
  /** How that figure grows along the axis there, for telling creep. */
  readonly slope: number;
}

export interface TracerTemplate {
  /**
   * The line the stylus follows, full size: z along the axis, r as the nose's centre stands. It is carried on beyond the
   * part's ends by the stylus's radius, so that the stylus still rides on it there.
   */
  readonly line: readonly CurvePoint[];
  /** The part's own ends along the axis: where witness lines belong. */
  readonly ends: { readonly from: number; readonly to: number };
  readonly checks: readonly TracerCheck[];
  /** Most the work comes out small because the stylus is too thick to ride its sharpest tops, mm; nothing when it follows. */
  readonly lost: number;
  /** Steepest part of the line, dr/dz: the hand moves that much for the carriage's one. */
  readonly steepest: number;
}

const STEP = 0.1;
/** Places looked at for each that is drawn. */
const BETWEEN = 4;
const CHECKS = 5;
/** Places looked at for the whole line: a second's work. */
const MOST_LOOKS = 2e8;

/**
 * The full-size line for copying by a stylus that rides with the tool: the path of the nose's centre, brought in by the
 * stylus's own radius so that stylus and nose keep company. With equal tips it is the profile itself; for a bore it is
 * mirrored. Errors: out-of-range; inconsistent where the profile has a gap.
 *
 * @example
 * tracerTemplate({ pieces: CURVE, member: 'external', noseRadius: 0.8, stylusRadius: 0.8 }).lost
 * // → 0
 */
export function tracerTemplate({
  pieces,
  member,
  noseRadius,
  stylusRadius,
  step = STEP,
}: TracerRequest): TracerTemplate {
  notNegative(noseRadius, 'noseRadius', 'The nose radius');
  notNegative(stylusRadius, 'stylusRadius', 'The stylus');
  positive(step, 'step', 'The step');
  const surface = surfaceOf(pieces, member);
  const along = surface.to - surface.from;
  const count = Math.max(2, listLength(along / step, 'step'));
  const beyond = listLength((stylusRadius * count) / along, 'stylusRadius');
  // Worked out at places between those it is drawn through as well: on a wall the stylus touches between two of them.
  const places = count * BETWEEN;
  const fine = along / places;
  const reach = beyond * BETWEEN;
  if ((places + 2 * reach) * reach > MOST_LOOKS)
    throw new AnelloError(
      'out-of-range',
      'stylusRadius',
      'So fine a line for so thick a stylus would take too long: check the stylus, and the length of the profile.',
    );
  // The last place is the end itself, whatever the sum of the steps comes to.
  const zAt = (i: number): number => (i === places ? surface.to : surface.from + i * fine);
  const carried = surfaceOf(carriedOn(pieces, 3 * (stylusRadius + noseRadius) + step), member);
  const centre = (i: number): number => carried.rest(zAt(i), noseRadius)?.r ?? Infinity;
  const centres = Float64Array.from({ length: places + 4 * reach + 1 }, (_, i) => centre(i - 2 * reach));
  const rim = rimOf(stylusRadius, reach, fine);
  const heights = broughtIn(centres, rim);
  const line: CurvePoint[] = [];
  for (let i = 0; i < heights.length; i += BETWEEN) line.push({ z: zAt(i - reach), r: heights[i] as number });
  const sign = member === 'external' ? 1 : -1;
  const onPart = centres.slice(2 * reach, 2 * reach + places + 1);
  return {
    line: line.map((p) => ({ z: p.z, r: sign * p.r })),
    ends: { from: surface.from, to: surface.to },
    checks: Array.from({ length: CHECKS }, (_, k) => {
      const i = Math.round((k * places) / (CHECKS - 1));
      const z = zAt(i);
      return {
        z,
        diameter: 2 * Math.abs(surface.height(z) ?? 0),
        tip: sign * ((onPart[i] ?? 0) - noseRadius),
        slope: sign * slopeAt(onPart, i, fine),
      };
    }),
    // What a nose can follow a thinner stylus can: it never leaves the line.
    lost: stylusRadius <= noseRadius ? 0 : lostBy(heights, onPart, rim, fine),
    steepest: most(steepestOf(line, fine * BETWEEN)),
  };
}

const steepestOf = (line: readonly CurvePoint[], fine: number): number[] =>
  line.slice(1).map((p, i) => Math.abs(p.r - (line[i]?.r ?? p.r)) / fine);

/** Through the neighbours on both sides, or the one there is at an end. */
function slopeAt(heights: Float64Array, i: number, step: number): number {
  const [before, after] = [Math.max(0, i - 1), Math.min(heights.length - 1, i + 1)];
  return ((heights[after] ?? 0) - (heights[before] ?? 0)) / ((after - before) * step);
}

/** How far a tip's rim stands from its middle, place by place across it; nowhere past its edge. */
function rimOf(radius: number, reach: number, step: number): Float64Array {
  return Float64Array.from({ length: 2 * reach + 1 }, (_, k) => {
    const aside = radius * radius - ((k - reach) * step) ** 2;
    return aside >= 0 ? Math.sqrt(aside) : -Infinity;
  });
}

/** The line under a tip whose middle keeps to these heights: as high as it never digs in. */
function broughtIn(centres: Float64Array, rim: Float64Array): Float64Array {
  return Float64Array.from({ length: centres.length - rim.length + 1 }, (_, i) => {
    let least = Infinity;
    for (let k = 0; k < rim.length; k++) {
      const under = (centres[i + k] as number) - (rim[k] as number);
      if (under < least) least = under;
    }
    return least;
  });
}

/** How far below its path the nose would go when the stylus rides the line drawn: a thick stylus loses sharp tops. */
function lostBy(heights: Float64Array, centres: Float64Array, rim: Float64Array, step: number): number {
  let lost = 0;
  centres.forEach((centre, i) => {
    let rides = -Infinity;
    for (let k = 0; k < rim.length; k++) {
      const over = (heights[i + k] as number) + (rim[k] as number);
      if (over > rides) rides = over;
    }
    lost = Math.max(lost, centre - rides);
  });
  // A line worked out at places loses the sagitta between them, whatever the stylus.
  const radius = rim[rim.length >> 1] as number;
  return lost < (step * step) / Math.max(radius, step) ? 0 : lost;
}

/** What a hand follows across without losing the line, mm a minute. */
const HAND = 60;
const LEAST_STEEP = 0.05;

/**
 * Fastest carriage feed (mm a minute) at which a hand still follows a line as steep as dr/dz. Source: a rule of the trade.
 *
 * @example
 * feedToFollow(2)
 * // → 30
 */
export const feedToFollow = (steepest: number): number => HAND / Math.max(Math.abs(steepest), LEAST_STEEP);

/**
 * What the work is out by on diameter where the line is steepest when the paper has crept along by so much, mm.
 *
 * @example
 * creepCosts({ crept: 0.1, steepest: 1.5 })
 * // → 0.3
 */
export const creepCosts = ({ crept, steepest }: { crept: number; steepest: number }): number =>
  2 * Math.abs(crept) * Math.abs(steepest);

/** A printer is out by a few in a hundred, not more. */
const PRINTER_OUT = 0.08;

/**
 * What to draw everything larger by, so that a printer which printed the bar as `printed` prints true. Errors: out-of-range.
 *
 * @example
 * printerScale(49.2)
 * // → 1.01626
 */
export function printerScale(printed: number): number {
  if (!(Math.abs(positive(printed, 'printedBar', 'The bar as printed') / PRINTED_BAR - 1) <= PRINTER_OUT))
    throw new AnelloError('out-of-range', 'printedBar', [
      'No printer is out by so much: is fitting to the page still on? The bar is meant to be ',
      length(PRINTED_BAR, 1),
      '.',
    ]);
  return PRINTED_BAR / printed;
}
