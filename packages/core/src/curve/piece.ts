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

/** A piece's point at a part of its length, 0 to 1. */
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

/** The way it runs at its start or end, rad. */
export function headingOf(piece: Piece, end: 'start' | 'end'): number {
  if (piece.kind === 'line') return Math.atan2(piece.b.r - piece.a.r, piece.b.z - piece.a.z);
  const angle = end === 'start' ? piece.from : piece.from + piece.sweep;
  return angle + Math.sign(piece.sweep) * (Math.PI / 2);
}

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

/** A piece turned over about the axis: what a tool inside a bore sees from outside. */
export const flipped = (piece: Piece): Piece =>
  piece.kind === 'line'
    ? { kind: 'line', a: { z: piece.a.z, r: -piece.a.r }, b: { z: piece.b.z, r: -piece.b.r } }
    : { ...piece, c: { z: piece.c.z, r: -piece.c.r }, from: -piece.from, sweep: -piece.sweep };

/** Points along the pieces, none further from its neighbour than a step, and arcs no flatter than a tolerance, mm. */
export function sampled(pieces: readonly Piece[], step: number, tolerance = step): CurvePoint[] {
  const points: CurvePoint[] = [];
  pieces.forEach((piece, i) => {
    const bySag = piece.kind === 'arc' ? 2 * Math.sqrt(2 * piece.radius * tolerance) : step;
    const count = Math.max(1, Math.ceil(lengthOf(piece) / Math.min(step, bySag)));
    for (let k = i === 0 ? 0 : 1; k <= count; k++) points.push(pointOn(piece, k / count));
  });
  return points;
}
