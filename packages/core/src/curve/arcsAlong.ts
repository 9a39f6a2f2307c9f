import { positive } from '../basics/check';
import { nearestOn } from './nearestOn';
import { arcThroughPoints, type CurvePoint, type Piece } from './piece';

/** A place of a curve for each part of it from 0 to 1; mm. */
export type Along = (part: number) => CurvePoint;

/** Places each piece is checked at. */
const CHECKS = 32;
const HALVINGS = 24;
/** Half a turn and more would be read back as the shorter arc. */
const MOST_SWEEP = 0.9 * Math.PI;
const MOST = 2000;

/**
 * A curve of any kind as arcs and straights that stay within a tolerance (mm) of it, each as long as it can be: what a
 * drawing's ellipses and splines become, so that they can be offset exactly and their figures typed. Errors: out-of-range.
 */
export function arcsAlong(at: Along, tolerance: number): Piece[] {
  positive(tolerance, 'tolerance', 'The tolerance');
  const pieces: Piece[] = [];
  let from = 0;
  while (from < 1 - 1e-9 && pieces.length < MOST) {
    const [piece, to] = longest(at, from, tolerance);
    pieces.push(piece);
    from = to;
  }
  return pieces;
}

function longest(at: Along, from: number, tolerance: number): [Piece, number] {
  const fitted = (to: number): Piece | null => pieceWithin(at, from, to, tolerance);
  const all = fitted(1);
  if (all) return [all, 1];
  let [low, high] = [from, 1];
  let best: [Piece, number] | null = null;
  for (let i = 0; i < HALVINGS && !(best && high - low < 1e-4); i++) {
    const middle = (low + high) / 2;
    const piece = fitted(middle);
    if (piece) [low, best] = [middle, [piece, middle]];
    else high = middle;
  }
  return best ?? [{ kind: 'line', a: at(from), b: at(high) }, high];
}

function pieceWithin(at: Along, from: number, to: number, tolerance: number): Piece | null {
  const place = (k: number): CurvePoint => at(from + ((to - from) * k) / CHECKS);
  const piece = arcThroughPoints(place(0), place(CHECKS / 2), place(CHECKS));
  if (piece.kind === 'arc' && Math.abs(piece.sweep) > MOST_SWEEP) return null;
  for (let k = 1; k < CHECKS; k++) {
    const p = place(k);
    const { foot } = nearestOn([piece], p);
    if (Math.hypot(foot.z - p.z, foot.r - p.r) > tolerance) return null;
  }
  return piece;
}
