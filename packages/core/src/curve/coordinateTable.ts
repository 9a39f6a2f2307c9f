import { AnelloError } from '../basics/error';
import { notNegative, positive } from '../basics/check';
import { dialOf, radialOf, type DialReads } from '../machine/dialReads';
import { snap } from '../figure/round';
import type { Member } from '../taper/task';
import { surfaceOf } from './offsetProfile';
import type { CurvePoint, Piece } from './piece';
import type { Surface } from './rest';
import { most } from '../basics/extent';

export interface TableRequest {
  readonly pieces: readonly Piece[];
  readonly member: Member;
  readonly noseRadius: number;
  /** Ridges no higher than this, mm. */
  readonly ridge: number;
  /** No step longer than this, mm. */
  readonly longest: number;
  /** The carriage's and the cross-slide's divisions, mm; the cross-slide's as it reads. */
  readonly along: number;
  readonly division: number;
  readonly reads: DialReads;
  /** Figures of the nose's own centre, or of the tip that was touched on face and outside. */
  readonly of: 'tip' | 'centre';
  /** Left on everywhere, on radius: for roughing. */
  readonly allowance: number;
  /** From the part's tailstock face, where the carriage was zeroed, to the curve's own tailstock end, mm. */
  readonly beyond?: number | undefined;
}

export interface TableRow {
  /** Carriage from the tailstock face toward the headstock, mm. */
  readonly along: number;
  /** Cross-slide as its dial reads, from the axis. */
  readonly across: number;
  /** Height of the ridge left between this and the row before. */
  readonly ridge: number;
  /** Where the nose's centre then stands: along the curve, and out from the axis; mm. */
  readonly nose: CurvePoint;
}

export interface CoordinateTable {
  readonly rows: readonly TableRow[];
  readonly highest: number;
  /** Minutes at a usual pace for two handles. */
  readonly minutes: number;
}

const MOST_ROWS = 5000;
/** Two handles set, fed and drawn back. */
const SECONDS = 14;

/**
 * A table of two-handle steps: carriage places so far apart as the ridge between two cuts allows, fewer where the curve
 * is gentle. Every place is one the carriage can be set to, and the cross-slide is rounded away from the work, so no
 * rounding cuts in. Errors: out-of-range where it would come to more than five thousand rows, and for a nose, a ridge or
 * a step that makes no sense.
 *
 * @example
 * coordinateTable({
 *   pieces: CURVE,
 *   member: 'external',
 *   noseRadius: 0.8,
 *   ridge: 0.02,
 *   longest: 1,
 *   along: 0.1,
 *   division: 0.05,
 *   reads: 'diameter',
 *   of: 'tip',
 *   allowance: 0,
 * }).rows.length
 * // → 115
 */
export function coordinateTable(request: TableRequest): CoordinateTable {
  check(request);
  const { pieces, member, noseRadius, along, division, reads, allowance, beyond = 0 } = request;
  const surface = surfaceOf(pieces, member);
  const centreAt = (z: number): Centre => ({ z, r: (surface.rest(z, noseRadius)?.r ?? 0) + allowance });
  const back = request.of === 'tip' ? noseRadius : 0;
  /** The nose's centre with the carriage so many divisions from the face. */
  const zAt = (divisions: number): number => surface.to + beyond + back - divisions * along;
  const first = Math.ceil((beyond + back) / along - DUST);
  const last = Math.floor((surface.to - surface.from + beyond + back) / along + DUST);
  const places = [first];
  while ((places.at(-1) as number) < last) {
    const here = places.at(-1) as number;
    places.push(Math.min(last, here + stepFrom(here, { zAt, centreAt, surface, request })));
    if (places.length > MOST_ROWS) throw tooMany();
  }
  const sign = member === 'external' ? 1 : -1;
  const centres = places.map((p) => centreAt(zAt(p)));
  const rows = places.map((place, i): TableRow => {
    const centre = centres[i] as Centre;
    const before = centres[i - 1];
    // Away from the work: a larger figure outside, a smaller one in a bore.
    const divisions = Math.ceil(dialOf(centre.r - back, reads) / division - DUST);
    return {
      along: snap(place * along, along),
      nose: { z: centre.z, r: sign * (radialOf(divisions * division, reads) + back) },
      across: sign * snap(divisions * division, division),
      ridge: before ? ridgeBetween(before, centre, noseRadius, surface, allowance) : 0,
    };
  });
  return { rows, highest: most(rows.map((r) => r.ridge)), minutes: (rows.length * SECONDS) / 60 };
}

/** A billionth of a division is arithmetic. */
const DUST = 1e-9;

function check({ noseRadius, ridge, longest, along, division, allowance, beyond = 0 }: TableRequest): void {
  positive(noseRadius, 'noseRadius', 'The nose radius');
  positive(ridge, 'ridge', 'The ridge');
  positive(longest, 'longest', 'The longest step');
  positive(along, 'along', 'The carriage’s division');
  positive(division, 'division', 'A division');
  notNegative(allowance, 'allowance', 'The allowance');
  notNegative(beyond, 'beyond', 'What lies beyond the curve');
}

const tooMany = (): AnelloError =>
  new AnelloError(
    'out-of-range',
    'ridge',
    'That is more than five thousand steps: allow a higher ridge, or take a rounder nose.',
  );

interface Centre {
  readonly z: number;
  readonly r: number;
}

interface Stepping {
  readonly zAt: (divisions: number) => number;
  readonly centreAt: (z: number) => Centre;
  readonly surface: Surface;
  readonly request: TableRequest;
}

/** The longest step toward the headstock whose ridge is no higher than allowed, in divisions of the carriage: one at least. */
function stepFrom(here: number, { zAt, centreAt, surface, request }: Stepping): number {
  const { ridge, longest, along, noseRadius, allowance } = request;
  const now = centreAt(zAt(here));
  const fits = (step: number): boolean =>
    ridgeBetween(now, centreAt(zAt(here + step)), noseRadius, surface, allowance) <= ridge;
  let [low, high] = [1, Math.max(1, Math.floor(longest / along + DUST))];
  if (fits(high)) return high;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** Height over the profile of the cusp between two places of a nose, square to the chord between them. */
function ridgeBetween(a: Centre, b: Centre, nose: number, surface: Surface, allowance: number): number {
  const [dz, dr] = [b.z - a.z, b.r - a.r];
  const apart = Math.hypot(dz, dr);
  if (apart < 1e-12) return 0;
  // On a wall the nose is fed straight in, and what stands is the stair between two feeds.
  const stair = (Math.abs(dz) * Math.abs(dr)) / apart;
  if (apart >= 2 * nose) return Math.abs(dr) > Math.abs(dz) ? stair : Infinity;
  const deep = Math.sqrt(nose * nose - (apart * apart) / 4);
  const side = dz > 0 ? -1 : 1;
  const cusp = {
    z: (a.z + b.z) / 2 - (side * dr * deep) / apart,
    r: (a.r + b.r) / 2 + (side * dz * deep) / apart,
  };
  const under = surface.height(cusp.z);
  const cuspHeight = under === null ? 0 : Math.max(0, (cusp.r - allowance - under) * (Math.abs(dz) / apart));
  return Math.abs(dr) > Math.abs(dz) ? Math.min(stair, cuspHeight) : cuspHeight;
}
