import { AnelloError } from '../basics/error';
import { notNegative, positive } from '../basics/check';
import { dialOf, type DialReads } from '../gauging/advanceFromInfeed';
import { snap } from '../quantity/round';
import type { Member } from '../way/way';
import { surfaceOf } from './offsetProfile';
import type { Piece } from './piece';
import type { Surface } from './rest';

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
}

export interface TableRow {
  /** Carriage from the tailstock face toward the headstock, mm. */
  readonly along: number;
  /** Cross-slide as its dial reads, from the axis. */
  readonly across: number;
  /** Height of the ridge left between this and the row before. */
  readonly ridge: number;
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
 * is gentle, with the cross-slide always rounded away from the work. From the tailstock face. Errors: out-of-range where
 * it would come to more than five thousand rows.
 */
export function coordinateTable(request: TableRequest): CoordinateTable {
  const { pieces, member, noseRadius, ridge, longest, along, division, reads } = request;
  positive(noseRadius, 'noseRadius', 'The nose radius');
  positive(ridge, 'ridge', 'The ridge');
  positive(longest, 'longest', 'The longest step');
  positive(along, 'along', 'The carriage’s division');
  positive(division, 'division', 'A division');
  notNegative(request.allowance, 'allowance', 'The allowance');
  const surface = surfaceOf(pieces, member);
  const centreAt = (z: number): Centre => ({
    z,
    r: (surface.rest(z, noseRadius)?.r ?? 0) + request.allowance,
  });
  const places = [surface.to];
  while ((places.at(-1) as number) > surface.from + 1e-9) {
    const here = places.at(-1) as number;
    const next = Math.max(surface.from, here - stepFrom(here, centreAt, surface, request));
    places.push(next);
    if (places.length > MOST_ROWS)
      throw new AnelloError(
        'out-of-range',
        'ridge',
        'That is more than five thousand steps: allow a higher ridge, or take a rounder nose.',
      );
  }
  const sign = member === 'external' ? 1 : -1;
  const back = request.of === 'tip' ? noseRadius : 0;
  const rows = places.map((z, i): TableRow => {
    const centre = centreAt(z);
    const fromAxis = centre.r - back;
    // Away from the work: a larger figure outside, a smaller one in a bore.
    const across = Math.ceil(dialOf(fromAxis, reads) / division - 1e-9) * division;
    return {
      along: snap(surface.to - z + back, along),
      across: sign * across,
      ridge:
        i === 0
          ? 0
          : ridgeBetween(centreAt(places[i - 1] as number), centre, noseRadius, surface, request.allowance),
    };
  });
  return { rows, highest: Math.max(...rows.map((r) => r.ridge)), minutes: (rows.length * SECONDS) / 60 };
}

interface Centre {
  readonly z: number;
  readonly r: number;
}

/** The longest step toward the headstock whose ridge is no higher than allowed, in whole divisions of the carriage. */
function stepFrom(
  here: number,
  centreAt: (z: number) => Centre,
  surface: Surface,
  { ridge, longest, along, noseRadius, allowance }: TableRequest,
): number {
  const now = centreAt(here);
  const fits = (step: number): boolean =>
    ridgeBetween(now, centreAt(Math.max(surface.from, here - step)), noseRadius, surface, allowance) <= ridge;
  const whole = Math.max(1, Math.floor(longest / along + 1e-9));
  if (fits(whole * along)) return whole * along;
  let [low, high] = [1, whole];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (fits(middle * along)) low = middle;
    else high = middle;
  }
  return low * along;
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
