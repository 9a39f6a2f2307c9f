import { AnelloError } from '../basics/error';
import { notNegative } from '../basics/check';
import type { Member } from '../taper/task';
import { length } from '../figure/figure';
import { flipped, spanOf, type Piece } from './piece';
import { Surface } from './rest';

export interface OffsetRequest {
  readonly pieces: readonly Piece[];
  readonly noseRadius: number;
  /** A bore is cut from inside. */
  readonly member: Member;
  /** How many places along the axis. */
  readonly count: number;
  /** Asked now and then; yes stops the work with nothing. */
  readonly cancelled?: () => boolean;
}

/** The path of a round nose's centre: along the axis, out from it, and where along the axis it touches. mm. */
export interface OffsetPath {
  readonly z: Float64Array;
  readonly r: Float64Array;
  readonly touch: Float64Array;
}

/** Ends this near are one place, mm. */
const JOINED = 1e-6;

/**
 * What a tool on the work's outside sees: a bore is turned over, so that one rule serves both. Errors: underdetermined
 * without a piece; inconsistent where the pieces leave a gap along the axis, in which a tool would fall.
 */
export function surfaceOf(pieces: readonly Piece[], member: Member): Surface {
  if (pieces.length === 0) throw new AnelloError('underdetermined', 'points', 'There is no profile yet.');
  refuseGaps(pieces);
  return new Surface(member === 'external' ? pieces : pieces.map(flipped));
}

function refuseGaps(pieces: readonly Piece[]): void {
  let reached = -Infinity;
  const spans = pieces.map(spanOf).sort((a, b) => a.from - b.from);
  for (const { from, to } of spans) {
    if (!Number.isFinite(from) || !Number.isFinite(to))
      throw new AnelloError(
        'not-finite',
        'pieces',
        'A figure of the profile is missing, or is not a number.',
      );
    if (reached !== -Infinity && from - reached > JOINED)
      throw new AnelloError('inconsistent', 'pieces', [
        'The profile has a gap of ',
        length(from - reached, 0.001),
        ' along the axis: join its pieces.',
      ]);
    reached = Math.max(reached, to);
  }
}

/** Places along a path are so far apart, mm, and never more of them than a machine could use. */
const APART = 0.01;
const ENOUGH = 200_000;

/**
 * How many places along the axis the path of a nose is worked out at.
 *
 * @example
 * pathPlaces(CURVE)
 * // → 3401
 */
export function pathPlaces(pieces: readonly Piece[]): number {
  if (pieces.length === 0) return 2;
  const { from, to } = surfaceOf(pieces, 'external');
  return Math.min(ENOUGH, Math.max(2, Math.ceil((to - from) / APART) + 1));
}

/** Work between two looks at whether it is still wanted. */
const ASK_EVERY = 4096;
const MOST = 2_000_000;

/**
 * The path of a round nose that touches a profile everywhere it can and cuts in nowhere: the envelope of the nose over
 * every piece, so loops cannot arise. Exact for lines and arcs. Null when cancelled. Errors: out-of-range.
 *
 * @example
 * offsetProfile({ pieces: CURVE, noseRadius: 0.8, member: 'external', count: 100 })?.r.length
 * // → 100
 */
export function offsetProfile({
  pieces,
  noseRadius,
  member,
  count,
  cancelled,
}: OffsetRequest): OffsetPath | null {
  notNegative(noseRadius, 'noseRadius', 'The nose radius');
  if (!(Number.isInteger(count) && count >= 2 && count <= MOST))
    throw new AnelloError('out-of-range', 'count', 'Between 2 and two million places along the axis.');
  const surface = surfaceOf(pieces, member);
  const path = { z: new Float64Array(count), r: new Float64Array(count), touch: new Float64Array(count) };
  const sign = member === 'external' ? 1 : -1;
  for (let i = 0; i < count; i++) {
    if (i % ASK_EVERY === 0 && cancelled?.()) return null;
    const z = surface.from + ((surface.to - surface.from) * i) / (count - 1);
    const rest = surface.rest(z, noseRadius);
    path.z[i] = z;
    path.r[i] = sign * (rest?.r ?? 0);
    path.touch[i] = rest?.touch.z ?? z;
  }
  return path;
}
