import { firstNotUnder } from '../basics/search';
import { endOf, onArc, spanOf, startOf, type CurvePoint, type Piece } from './piece';
import { least, most } from '../basics/extent';

/** Where a round nose rests on pieces from above: its centre's height, and where it touches. */
export interface Rest {
  readonly r: number;
  readonly touch: CurvePoint;
}

const DUST = 1e-12;
type Arc = Extract<Piece, { kind: 'arc' }>;

/** An arc with what is asked of it at every place worked out once. */
interface MetArc {
  readonly arc: Arc;
  readonly from: number;
  readonly to: number;
  readonly ends: readonly [CurvePoint, CurvePoint];
}

/**
 * A profile as a nose meets it: the lowest its centre can stand at z without cutting in is the highest of
 * p.r + √(ρ² − (z − p.z)²) over the profile's points, found exactly for straights and arcs. Straights stand in plain arrays in the order of their left ends and are gone through
 * without making anything on the way, since a curve may be thousands of them; arcs are few and asked one by one.
 */
export class Surface {
  readonly from: number;
  readonly to: number;
  private readonly arcs: readonly MetArc[];
  private readonly left: Float64Array;
  private readonly right: Float64Array;
  private readonly low: Float64Array;
  private readonly slope: Float64Array;
  /** Of the nose's radius, how far along a straight its foot lies from under its centre: slope / √(1 + slope²). */
  private readonly lean: Float64Array;
  private readonly longest: number;

  constructor(pieces: readonly Piece[]) {
    const spans = pieces.map(spanOf);
    this.from = least(spans.map((s) => s.from));
    this.to = most(spans.map((s) => s.to));
    this.arcs = pieces.flatMap((arc) =>
      arc.kind === 'arc' ? [{ arc, ...spanOf(arc), ends: [startOf(arc), endOf(arc)] as const }] : [],
    );
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
    const onLines = this.restOnLines(z, nose);
    const onArcs = this.restOnArcs(z, nose, onLines?.r ?? -Infinity);
    return onArcs ?? onLines;
  }

  /**
   * The highest rest on an arc, where it is higher than `least`. On an arc the nose is square to it where its centre lies
   * on the ray from the arc's own, outside it or in its hollow; else it rests on an end.
   */
  private restOnArcs(z: number, nose: number, least: number): Rest | null {
    let [best, touchZ, touchR] = [least, 0, 0];
    for (const { arc, from, to, ends } of this.arcs) {
      if (z < from - nose - DUST || z > to + nose + DUST) continue;
      const { c, radius } = arc;
      for (const end of ends) {
        const aside = nose * nose - (z - end.z) * (z - end.z);
        const height = end.r + Math.sqrt(Math.max(0, aside));
        if (aside >= -DUST && height > best) [best, touchZ, touchR] = [height, end.z, end.r];
      }
      for (const side of [1, -1] as const) {
        const apart = radius + side * nose;
        const across = (z - c.z) / apart;
        if (apart <= 0 || across > 1 || across < -1) continue;
        const up = side * Math.sqrt(1 - across * across);
        const height = c.r + apart * up;
        if (height > best && onArc(arc, side * Math.acos(across)))
          [best, touchZ, touchR] = [height, c.z + radius * across, c.r + radius * up];
      }
    }
    return best > least ? { r: best, touch: { z: touchZ, r: touchR } } : null;
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
