import { AnelloError } from '../basics/error';
import { listLength, notNegative } from '../basics/check';
import { turningAt } from '../basics/search';
import type { Member } from '../taper/task';
import { surfaceOf } from './offsetProfile';
import { endOf, headingAt, headingOf, pointOn, spanOf, startOf, type Piece } from './piece';

/** A stretch a tool does not reach, mm along the axis. */
export interface OutOfReach {
  readonly from: number;
  readonly to: number;
  readonly why: 'nose' | 'flank';
  /** Most that is left standing there, mm; nothing said for the flank. */
  readonly left: number;
  /** Largest nose that would do; nothing where a sharp corner lets none. */
  readonly largestNose: number | null;
}

export interface ReachRequest {
  readonly pieces: readonly Piece[];
  readonly noseRadius: number;
  readonly member: Member;
  /** Steepest fall behind the nose its flank clears, from the axis, rad; none when it is not said. */
  readonly flank?: number | undefined;
}

const PLACES = 1600;
/** No tool's nose is longer than the profile it cuts by more than this. */
const LARGEST_NOSE = 6;
/** Less than this left standing is no fault, mm. */
const FELT = 0.01;

/**
 * Where a round nose leaves metal a profile does not have, and where its flank would rub: the nose's path rolled back to
 * the surface it leaves, against the one wanted. mm.
 *
 * @example
 * outOfReach({ pieces: CURVE, noseRadius: 0.8, member: 'external' }).length
 * // → 0
 */
export function outOfReach({ pieces, noseRadius, member, flank }: ReachRequest): OutOfReach[] {
  notNegative(noseRadius, 'noseRadius', 'The nose radius');
  const surface = surfaceOf(pieces, member);
  const step = (surface.to - surface.from) / PLACES;
  const reach = listLength(noseRadius / step, 'noseRadius');
  if (reach > LARGEST_NOSE * PLACES)
    throw new AnelloError(
      'out-of-range',
      'noseRadius',
      'That nose is many times longer than the whole profile: check both.',
    );
  const centres: number[] = [];
  for (let i = -reach; i <= PLACES + reach; i++)
    centres.push(surface.rest(surface.from + i * step, noseRadius)?.r ?? Infinity);
  const found: OutOfReach[] = [];
  let from: number | null = null;
  let most = 0;
  for (let i = 0; i <= PLACES + 1; i++) {
    const z = surface.from + i * step;
    const above =
      i > PLACES ? 0 : standing(centres, i + reach, reach, step, noseRadius) - (surface.height(z) ?? 0);
    const left = above * squareTo(surface, z, step);
    if (left > FELT) {
      from ??= z;
      most = Math.max(most, left);
    } else if (from !== null) {
      const largestNose = hollowWithin(pieces, member, from, z);
      found.push({ from, to: z, why: 'nose', left: most, largestNose });
      [from, most] = [null, 0];
    }
  }
  return [...found, ...(flank === undefined ? [] : tooSteep(pieces, member, flank))];
}

/** What a height over a place is square to the profile there. */
function squareTo(surface: ReturnType<typeof surfaceOf>, z: number, step: number): number {
  const rise = (surface.height(z + step) ?? 0) - (surface.height(z - step) ?? 0);
  return 1 / Math.hypot(1, rise / (2 * step));
}

/** The lowest any nose of the path comes at a place. */
function standing(centres: readonly number[], at: number, reach: number, step: number, nose: number): number {
  let least = Infinity;
  for (let k = -reach; k <= reach; k++) {
    const aside = nose * nose - (k * step) ** 2;
    if (aside >= 0) least = Math.min(least, (centres[at + k] ?? Infinity) - Math.sqrt(aside));
  }
  return least;
}

/** Two pieces that meet in a hollow at less than this of an angle run on smoothly, rad. */
const SMOOTH = 1e-3;

/** Whether a sharp hollow corner lies in a stretch: no round nose reaches into that. */
function cornerWithin(pieces: readonly Piece[], member: Member, from: number, to: number): boolean {
  return pieces.slice(1).some((next, i) => {
    const before = pieces[i] as Piece;
    const { z } = startOf(next);
    if (z < from - FELT || z > to + FELT) return false;
    const turn = headingOf(next, 'start') - headingOf(before, 'end');
    const hollow = (member === 'external' ? 1 : -1) * Math.sin(turn);
    return hollow > SMOOTH;
  });
}

/** The tightest hollow arc that lies in a stretch; none where there is a corner. */
function hollowWithin(pieces: readonly Piece[], member: Member, from: number, to: number): number | null {
  if (cornerWithin(pieces, member, from, to)) return null;
  const hollow = pieces.filter((p): p is Extract<Piece, { kind: 'arc' }> => {
    if (p.kind !== 'arc') return false;
    const middle = Math.sin(p.from + p.sweep / 2);
    const span = spanOf(p);
    return (member === 'external' ? middle < 0 : middle > 0) && span.to > from && span.from < to;
  });
  return hollow.length > 0 ? Math.min(...hollow.map((p) => p.radius)) : null;
}

/** Falls toward the headstock steeper than the flank behind the nose clears: of an arc no more than is so steep. */
function tooSteep(pieces: readonly Piece[], member: Member, flank: number): OutOfReach[] {
  const sign = member === 'external' ? 1 : -1;
  return pieces.flatMap((piece) => {
    const isSteep = (part: number): boolean => fallAt(piece, part, sign) > flank + 1e-9;
    const ends = [isSteep(0), isSteep(1)] as const;
    if (!ends[0] && !ends[1]) return [];
    const { from, to } = spanOf(piece);
    if (ends[0] && ends[1]) return [{ from, to, ...RUBS }];
    const [turns] = turningAt((part) => isSteep(part) === ends[0], 0, 1, HALVINGS);
    const reached = [pointOn(piece, turns).z, (ends[0] ? startOf(piece) : endOf(piece)).z];
    return [{ from: Math.min(...reached), to: Math.max(...reached), ...RUBS }];
  });
}
const HALVINGS = 40;
const RUBS = { why: 'flank', left: 0, largestNose: null } as const;

/** From the axis, how it falls behind a nose that goes toward the headstock, rad. */
function fallAt(piece: Piece, part: number, sign: number): number {
  const heading = headingAt(piece, part);
  return Math.cos(heading) === 0 ? Math.PI / 2 : Math.atan(sign * Math.tan(heading));
}
