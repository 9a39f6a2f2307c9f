import { positive } from '../basics/check';
import { arcThroughPoints, endOf, onArc, startOf, type CurvePoint, type Piece } from './piece';

/** A place of a curve for each part of it from 0 to 1; mm. */
export type Along = (part: number) => CurvePoint;

/** Places each piece is checked at. */
const CHECKS = 32;
const HALVINGS = 24;
/** A piece this part short of the longest is long enough. */
const ENOUGH = 0.002;
/** Half a turn and more would be read back as the shorter arc. */
const MOST_SWEEP = 0.9 * Math.PI;
const MOST = 2000;

/**
 * A curve of any kind as arcs and straights that stay within a tolerance (mm) of it, each as long as it can be: what a
 * drawing's ellipses and splines become, so that they can be offset exactly and their figures typed. Errors: out-of-range.
 *
 * @example
 * arcsAlong((t) => ({ z: 10 * Math.sin(t), r: 20 + 10 * Math.cos(t) }), 0.01).map((p) => p.kind)
 * // → ['arc']
 */
export function arcsAlong(at: Along, tolerance: number): Piece[] {
  positive(tolerance, 'tolerance', 'The tolerance');
  const pieces: Piece[] = [];
  let from = 0;
  let stride = 1;
  while (from < 1 - 1e-9 && pieces.length < MOST) {
    const [piece, to] = longest(at, from, tolerance, Math.min(1, from + 2 * stride));
    pieces.push(piece);
    stride = to - from;
    from = to;
  }
  return pieces;
}

/** The longest piece from a place, looked for about a guess: most pieces are about as long as the one before. */
function longest(at: Along, from: number, tolerance: number, guess: number): [Piece, number] {
  let [low, high] = [from, guess];
  let best: [Piece, number] | null = null;
  for (let piece = pieceWithin(at, from, high, tolerance); piece;) {
    [low, best] = [high, [piece, high]];
    if (high >= 1) return best;
    high = Math.min(1, from + 2 * (high - from));
    piece = pieceWithin(at, from, high, tolerance);
  }
  for (let i = 0; i < HALVINGS && !(best && high - low < ENOUGH * (high - from)); i++) {
    const middle = (low + high) / 2;
    const piece = pieceWithin(at, from, middle, tolerance);
    if (piece) [low, best] = [middle, [piece, middle]];
    else high = middle;
  }
  return best ?? [{ kind: 'line', a: at(from), b: at(high) }, high];
}

function pieceWithin(at: Along, from: number, to: number, tolerance: number): Piece | null {
  const place = (k: number): CurvePoint => at(from + ((to - from) * k) / CHECKS);
  const piece = arcThroughPoints(place(0), place(CHECKS / 2), place(CHECKS));
  if (piece.kind === 'arc' && Math.abs(piece.sweep) > MOST_SWEEP) return null;
  for (const k of COARSE_FIRST) {
    const p = place(k);
    if (besideOf(piece, p) > tolerance) return null;
    if (!standsOver(piece, p) && Math.min(apart(p, startOf(piece)), apart(p, endOf(piece))) > tolerance)
      return null;
  }
  return piece;
}

/** The checks, those furthest from the three places that are on the piece first: a piece that is no good is seen soonest there. */
const COARSE_FIRST = [8, 4, 2, 1].flatMap((step) =>
  Array.from({ length: CHECKS / (2 * step) }, (_, i) => (2 * i + 1) * step),
);

const apart = (a: CurvePoint, b: CurvePoint): number => Math.hypot(a.z - b.z, a.r - b.r);

/** How far a place lies from a piece carried on past its ends. */
function besideOf(piece: Piece, p: CurvePoint): number {
  if (piece.kind === 'arc') return Math.abs(apart(p, piece.c) - piece.radius);
  const { a, b } = piece;
  const [dz, dr] = [b.z - a.z, b.r - a.r];
  return Math.abs((p.z - a.z) * dr - (p.r - a.r) * dz) / (Math.hypot(dz, dr) || 1);
}

/** Whether the nearest place of a piece carried on is on the piece itself. */
function standsOver(piece: Piece, p: CurvePoint): boolean {
  if (piece.kind === 'arc') return onArc(piece, Math.atan2(p.r - piece.c.r, p.z - piece.c.z));
  const { a, b } = piece;
  const [dz, dr] = [b.z - a.z, b.r - a.r];
  const along = (p.z - a.z) * dz + (p.r - a.r) * dr;
  return along >= 0 && along <= dz * dz + dr * dr;
}
