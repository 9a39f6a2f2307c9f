import { listLength } from '../basics/check';
import { least, most } from '../basics/extent';

/** A point of a turned profile: along the axis and out from it, mm. */
export interface CurvePoint {
  readonly z: number;
  readonly r: number;
}

/** A straight, or a circle's arc from an angle through a sweep (rad, anticlockwise positive with z to the right and r up). */
export type Piece =
  | { readonly kind: 'line'; readonly a: CurvePoint; readonly b: CurvePoint }
  | {
      readonly kind: 'arc';
      readonly c: CurvePoint;
      readonly radius: number;
      readonly from: number;
      readonly sweep: number;
    };

const at = (c: CurvePoint, radius: number, angle: number): CurvePoint => ({
  z: c.z + radius * Math.cos(angle),
  r: c.r + radius * Math.sin(angle),
});

/**
 * A piece's point at a part of its length, 0 to 1.
 *
 * @example
 * pointOn(CURVE[0], 0.5)
 * // → { z: 3, r: 9 }
 */
export function pointOn(piece: Piece, part: number): CurvePoint {
  if (piece.kind === 'arc') return at(piece.c, piece.radius, piece.from + part * piece.sweep);
  const { a, b } = piece;
  return { z: a.z + part * (b.z - a.z), r: a.r + part * (b.r - a.r) };
}

export const startOf = (piece: Piece): CurvePoint => (piece.kind === 'line' ? piece.a : pointOn(piece, 0));
export const endOf = (piece: Piece): CurvePoint => (piece.kind === 'line' ? piece.b : pointOn(piece, 1));

export const lengthOf = (piece: Piece): number =>
  piece.kind === 'line'
    ? Math.hypot(piece.b.z - piece.a.z, piece.b.r - piece.a.r)
    : piece.radius * Math.abs(piece.sweep);

/** The way it runs at a part of its way, 0 to 1, rad. */
export function headingAt(piece: Piece, part: number): number {
  if (piece.kind === 'line') return Math.atan2(piece.b.r - piece.a.r, piece.b.z - piece.a.z);
  return piece.from + part * piece.sweep + Math.sign(piece.sweep) * (Math.PI / 2);
}
/** At its start or end. */
export const headingOf = (piece: Piece, end: 'start' | 'end'): number =>
  headingAt(piece, end === 'start' ? 0 : 1);

/** Whether an angle lies within an arc's sweep, forgiving the dust of arithmetic. */
export function onArc(piece: Extract<Piece, { kind: 'arc' }>, angle: number): boolean {
  const turn = 2 * Math.PI;
  const along = piece.sweep >= 0 ? angle - piece.from : piece.from - angle;
  const within = ((along % turn) + turn) % turn;
  return within <= Math.abs(piece.sweep) + DUST || within >= turn - DUST;
}
const DUST = 1e-12;

/** Least and most of z over a piece. */
export function spanOf(piece: Piece): { from: number; to: number } {
  const ends = [startOf(piece).z, endOf(piece).z];
  if (piece.kind === 'arc') {
    if (onArc(piece, 0)) ends.push(piece.c.z + piece.radius);
    if (onArc(piece, Math.PI)) ends.push(piece.c.z - piece.radius);
  }
  return { from: Math.min(...ends), to: Math.max(...ends) };
}

/** The arc about a centre from a to b, anticlockwise (1) or clockwise (-1). */
export function arcBetween(
  c: CurvePoint,
  radius: number,
  a: CurvePoint,
  b: CurvePoint,
  sense: 1 | -1,
): Piece {
  const [from, to] = [Math.atan2(a.r - c.r, a.z - c.z), Math.atan2(b.r - c.r, b.z - c.z)];
  const turn = 2 * Math.PI;
  const sweep = sense * ((((sense * (to - from)) % turn) + turn) % turn);
  return { kind: 'arc', c, radius, from, sweep };
}

/** Flatter than this over its chord, mm, three points are a straight. */
const FLAT = 1e-9;

/** The arc from a to b through m; a straight where they lie in a line. */
export function arcThroughPoints(a: CurvePoint, m: CurvePoint, b: CurvePoint): Piece {
  const cross = (m.z - a.z) * (b.r - a.r) - (m.r - a.r) * (b.z - a.z);
  if (Math.abs(cross) < FLAT * Math.max(1, Math.hypot(b.z - a.z, b.r - a.r))) return { kind: 'line', a, b };
  const square = (p: CurvePoint): number => p.z * p.z + p.r * p.r;
  const d = 2 * (a.z * (m.r - b.r) + m.z * (b.r - a.r) + b.z * (a.r - m.r));
  const c = {
    z: (square(a) * (m.r - b.r) + square(m) * (b.r - a.r) + square(b) * (a.r - m.r)) / d,
    r: (square(a) * (b.z - m.z) + square(m) * (a.z - b.z) + square(b) * (m.z - a.z)) / d,
  };
  return arcBetween(c, Math.hypot(a.z - c.z, a.r - c.r), a, b, cross > 0 ? 1 : -1);
}

/** A piece turned over about the axis: what a tool inside a bore sees from outside. */
export const flipped = (piece: Piece): Piece =>
  piece.kind === 'line'
    ? { kind: 'line', a: { z: piece.a.z, r: -piece.a.r }, b: { z: piece.b.z, r: -piece.b.r } }
    : { ...piece, c: { z: piece.c.z, r: -piece.c.r }, from: -piece.from, sweep: -piece.sweep };

/**
 * Pieces turned end for end: what lay at the headstock lies at the tailstock. They run on from the headstock as before.
 *
 * @example
 * endForEnd(CURVE).map((p) => p.kind)
 * // → ['line', 'arc', 'arc', 'line']
 */
export function endForEnd(pieces: readonly Piece[]): Piece[] {
  const spans = pieces.map(spanOf);
  const about = least(spans.map((s) => s.from)) + most(spans.map((s) => s.to));
  const turned = (p: CurvePoint): CurvePoint => ({ z: about - p.z, r: p.r });
  return [...pieces].reverse().map((piece) =>
    piece.kind === 'line'
      ? { kind: 'line', a: turned(piece.b), b: turned(piece.a) }
      : {
          ...piece,
          c: turned(piece.c),
          from: Math.PI - (piece.from + piece.sweep),
          sweep: piece.sweep,
        },
  );
}

/**
 * Points along the pieces, none further from its neighbour than a step, and arcs no flatter than a tolerance, mm.
 *
 * @example
 * sampled(CURVE, 5).length
 * // → 11
 */
export function sampled(pieces: readonly Piece[], step: number, tolerance = step): CurvePoint[] {
  const points: CurvePoint[] = [];
  pieces.forEach((piece, i) => {
    const bySag = piece.kind === 'arc' ? 2 * Math.sqrt(2 * piece.radius * tolerance) : step;
    const count = Math.max(1, listLength(lengthOf(piece) / Math.min(step, bySag), 'step'));
    for (let k = i === 0 ? 0 : 1; k <= count; k++) points.push(pointOn(piece, k / count));
  });
  return points;
}
