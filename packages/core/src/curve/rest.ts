import { firstNotUnder } from '../basics/search';
import { endOf, onArc, spanOf, startOf, type CurvePoint, type Piece } from './piece';

/** Where a round nose rests on pieces from above: its centre's height, and where it touches. */
export interface Rest {
  readonly r: number;
  readonly touch: CurvePoint;
}

/**
 * How a nose rests: the lowest its centre can stand at z without cutting in is the highest of p.r + √(ρ² − (z − p.z)²)
 * over the profile's points, found exactly for straights and arcs.
 */
function over(touch: CurvePoint, z: number, nose: number): Rest | null {
  const aside = nose * nose - (z - touch.z) ** 2;
  return aside < -DUST ? null : { r: touch.r + Math.sqrt(Math.max(0, aside)), touch };
}
const DUST = 1e-12;

/** On an arc the nose is square to it where its centre lies on the ray from the arc's own: outside it, or in its hollow. */
function restOnArc(piece: Extract<Piece, { kind: 'arc' }>, z: number, nose: number): Rest | null {
  const { c, radius } = piece;
  let best = higher(over(startOf(piece), z, nose), over(endOf(piece), z, nose));
  const outside = (z - c.z) / (radius + nose);
  if (Math.abs(outside) <= 1) best = higher(best, square(piece, Math.acos(outside), z, nose));
  const hollow = (z - c.z) / (radius - nose);
  if (radius > nose && Math.abs(hollow) <= 1) best = higher(best, square(piece, -Math.acos(hollow), z, nose));
  return best;
}

function square(piece: Extract<Piece, { kind: 'arc' }>, angle: number, z: number, nose: number): Rest | null {
  if (!onArc(piece, angle)) return null;
  const { c, radius } = piece;
  return over({ z: c.z + radius * Math.cos(angle), r: c.r + radius * Math.sin(angle) }, z, nose);
}

const higher = (a: Rest | null, b: Rest | null): Rest | null => (!a ? b : !b || a.r >= b.r ? a : b);

/**
 * A profile as a nose meets it. Straights stand in plain arrays in the order of their left ends and are gone through
 * without making anything on the way, since a curve may be thousands of them; arcs are few and asked one by one.
 */
export class Surface {
  readonly from: number;
  readonly to: number;
  private readonly arcs: readonly Extract<Piece, { kind: 'arc' }>[];
  private readonly left: Float64Array;
  private readonly right: Float64Array;
  private readonly low: Float64Array;
  private readonly slope: Float64Array;
  /** Of the nose's radius, how far along a straight its foot lies from under its centre: slope / √(1 + slope²). */
  private readonly lean: Float64Array;
  private readonly longest: number;

  constructor(pieces: readonly Piece[]) {
    const spans = pieces.map(spanOf);
    this.from = Math.min(...spans.map((s) => s.from));
    this.to = Math.max(...spans.map((s) => s.to));
    this.arcs = pieces.filter((p): p is Extract<Piece, { kind: 'arc' }> => p.kind === 'arc');
    const lines = pieces
      .flatMap((p) => (p.kind === 'line' ? [leftFirst(p.a, p.b)] : []))
      .sort((a, b) => a.left.z - b.left.z);
    this.left = Float64Array.from(lines, (l) => l.left.z);
    this.right = Float64Array.from(lines, (l) => l.right.z);
    this.low = Float64Array.from(lines, (l) => l.left.r);
    this.slope = Float64Array.from(lines, (l) => l.slope);
    this.lean = this.slope.map((m) => m / Math.sqrt(1 + m * m));
    this.longest = Math.max(0, ...lines.map((l) => l.right.z - l.left.z));
  }

  /** Where a nose's centre stands at z, or null beyond the profile's ends by more than the nose. */
  rest(z: number, nose: number): Rest | null {
    const best = this.restOnLines(z, nose);
    return this.arcs.reduce((found, arc) => higher(found, restOnArc(arc, z, nose)), best);
  }

  /** Along a straight the height is concave: its top is where the nose is square to it, or the nearest end. */
  private restOnLines(z: number, nose: number): Rest | null {
    const { left, right, low, slope, lean } = this;
    const square = nose * nose;
    let [best, touchZ, touchR] = [-Infinity, 0, 0];
    for (let i = firstNotUnder(left, z - nose - this.longest); i < left.length; i++) {
      const from = left[i] as number;
      if (from > z + nose) break;
      const to = right[i] as number;
      if (to < z - nose) continue;
      let at = z + nose * (lean[i] as number);
      if (at < from) at = from;
      else if (at > to) at = to;
      const aside = square - (z - at) * (z - at);
      if (aside < -DUST) continue;
      const r = (low[i] as number) + (slope[i] as number) * (at - from);
      const height = r + Math.sqrt(aside > 0 ? aside : 0);
      if (height > best) [best, touchZ, touchR] = [height, at, r];
    }
    return best === -Infinity ? null : { r: best, touch: { z: touchZ, r: touchR } };
  }

  /** The profile's own height at z: a nose of nothing. */
  height(z: number): number | null {
    return this.rest(Math.min(Math.max(z, this.from), this.to), 0)?.r ?? null;
  }
}

/** A straight from its left end; an upright one counts by its top alone. */
function leftFirst(a: CurvePoint, b: CurvePoint): { left: CurvePoint; right: CurvePoint; slope: number } {
  const [left, right] = a.z <= b.z ? [a, b] : [b, a];
  const run = right.z - left.z;
  if (run >= DUST) return { left, right, slope: (right.r - left.r) / run };
  const top = a.r > b.r ? a : b;
  return { left: top, right: top, slope: 0 };
}
