import { endOf, onArc, spanOf, startOf, type CurvePoint, type Piece } from './piece';

/** Where a round nose rests on pieces from above: its centre's height, and where it touches. */
export interface Rest {
  readonly r: number;
  readonly touch: CurvePoint;
}

/**
 * The lowest a nose of a radius can stand with its centre at z without cutting into a piece: the highest of
 * p.r + √(ρ² − (z − p.z)²) over the piece's points, found exactly. Null where the nose misses it.
 */
function restOnPiece(piece: Piece, z: number, nose: number): Rest | null {
  return piece.kind === 'line' ? restOnLine(piece.a, piece.b, z, nose) : restOnArc(piece, z, nose);
}

function over(touch: CurvePoint, z: number, nose: number): Rest | null {
  const aside = nose * nose - (z - touch.z) ** 2;
  return aside < -DUST ? null : { r: touch.r + Math.sqrt(Math.max(0, aside)), touch };
}
const DUST = 1e-12;

/** Along a straight the height is concave, so its top is where the nose is square to it, or the nearest end. */
function restOnLine(a: CurvePoint, b: CurvePoint, z: number, nose: number): Rest | null {
  const [left, right] = a.z <= b.z ? [a, b] : [b, a];
  const run = right.z - left.z;
  if (run < DUST) return over(a.r > b.r ? a : b, z, nose);
  const slope = (right.r - left.r) / run;
  const square = z + (nose * slope) / Math.hypot(1, slope);
  const at = Math.min(Math.max(square, left.z, z - nose), right.z, z + nose);
  if (at < left.z || at > right.z) return null;
  return over({ z: at, r: left.r + slope * (at - left.z) }, z, nose);
}

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

/** Pieces by where they lie along the axis, so that a nose looks only at those it can touch. */
export class Surface {
  private readonly cells: Piece[][] = [];
  readonly from: number;
  readonly to: number;
  private readonly width: number;

  constructor(pieces: readonly Piece[]) {
    const spans = pieces.map(spanOf);
    this.from = Math.min(...spans.map((s) => s.from));
    this.to = Math.max(...spans.map((s) => s.to));
    this.width = Math.max((this.to - this.from) / Math.max(1, Math.min(CELLS, pieces.length * 2)), 1e-6);
    pieces.forEach((piece, i) => {
      const span = spans[i] as { from: number; to: number };
      for (let cell = this.cell(span.from); cell <= this.cell(span.to); cell++)
        (this.cells[cell] ??= []).push(piece);
    });
  }

  private cell(z: number): number {
    return Math.max(0, Math.floor((z - this.from) / this.width));
  }

  /** Where a nose's centre stands at z, or null beyond the profile's ends by more than the nose. */
  rest(z: number, nose: number): Rest | null {
    let best: Rest | null = null;
    const last = Math.min(this.cell(z + nose), this.cells.length - 1);
    for (let cell = this.cell(z - nose); cell <= last; cell++)
      for (const piece of this.cells[cell] ?? []) best = higher(best, restOnPiece(piece, z, nose));
    return best;
  }

  /** The profile's own height at z: a nose of nothing. */
  height(z: number): number | null {
    return this.rest(Math.min(Math.max(z, this.from), this.to), 0)?.r ?? null;
  }
}

const CELLS = 4096;
