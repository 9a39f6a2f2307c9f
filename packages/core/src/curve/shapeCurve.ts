import { listLength } from '../basics/check';
import { AnelloError } from '../basics/error';
import { length } from '../figure/figure';
import { smooth } from './smooth';
import { arcBetween, arcThroughPoints, endOf, headingOf, type CurvePoint, type Piece } from './piece';

/** How a profile runs to a point from the one before it. */
export const RUNS = ['line', 'arc', 'tangent', 'via', 'ellipse', 'ogee', 'spline'] as const;
export type Run = (typeof RUNS)[number];

/** A point of a profile as given; mm, radii. */
export interface ShapePoint extends CurvePoint {
  readonly run?: Run | undefined;
  /** Of an arc. */
  readonly radius?: number | undefined;
  /** Bulging away from the axis, or hollow. */
  readonly bulge?: 'out' | 'in' | undefined;
  /** A third point an arc goes through. */
  readonly via?: CurvePoint | undefined;
}

/** Curves that are neither straight nor round are followed to this, mm. */
export const FOLLOWED = 2e-4;

/**
 * The pieces of a profile through its points. Lines and arcs stay what they are; ellipses and splines become chords
 * within a fifth of a micrometre. Errors: underdetermined with fewer than two points; impossible at `points.i.…` for an
 * arc too small to span, and the like.
 *
 * @example
 * shapeCurve([
 *   { z: 0, r: 9 },
 *   { z: 10, r: 9 },
 * ]).map((p) => p.kind)
 * // → ['line']
 */
export function shapeCurve(points: readonly ShapePoint[]): Piece[] {
  if (points.length < 2)
    throw new AnelloError('underdetermined', 'points', 'A profile needs at least two points.');
  const pieces: Piece[] = [];
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1] as ShapePoint, points[i] as ShapePoint];
    if (b.run === 'spline') {
      let last = i;
      while (points[last + 1]?.run === 'spline') last++;
      pieces.push(...chords(smooth(points.slice(i - 1, last + 1), FOLLOWED)));
      i = last;
    } else pieces.push(...runTo(a, b, pieces.at(-1), i));
  }
  return pieces;
}

function runTo(a: ShapePoint, b: ShapePoint, before: Piece | undefined, i: number): Piece[] {
  switch (b.run ?? 'line') {
    case 'arc':
      return [arcOf(a, b, i)];
    case 'tangent':
      return [tangentArc(a, b, before, i)];
    case 'via':
      return [arcThrough(a, b, i)];
    case 'ellipse':
      return chords(quarterEllipse(a, b));
    case 'ogee':
      return ogee(a, b, i);
    default:
      return [straight(a, b)];
  }
}

const straight = (a: CurvePoint, b: CurvePoint): Piece => ({
  kind: 'line',
  a: { z: a.z, r: a.r },
  b: { z: b.z, r: b.r },
});

const refuse = (i: number, field: string, sentence: string): AnelloError =>
  new AnelloError('impossible', `points.${i}.${field}`, sentence);

/** The shorter arc of a radius between two points, bulging out or in. */
function arcOf(a: ShapePoint, b: ShapePoint, i: number): Piece {
  const radius = b.radius ?? Number.NaN;
  const [dz, dr] = [b.z - a.z, b.r - a.r];
  const chord = Math.hypot(dz, dr);
  if (!Number.isFinite(radius) || radius <= 0)
    throw new AnelloError('underdetermined', `points.${i}.radius`, 'Still missing: the arc’s radius.');
  if (chord > 2 * radius * (1 + 1e-12))
    throw new AnelloError('impossible', `points.${i}.radius`, [
      'An arc of that radius does not reach; it takes ',
      length(chord / 2, 0.001),
      ' at the least.',
    ]);
  const height = Math.sqrt(Math.max(0, radius * radius - (chord * chord) / 4));
  // Bulging out, the centre lies on the axis side of the chord as it runs toward the tailstock.
  const side = (b.bulge === 'in' ? 1 : -1) * (dz >= 0 ? 1 : -1);
  const c = {
    z: (a.z + b.z) / 2 - (side * height * dr) / chord,
    r: (a.r + b.r) / 2 + (side * height * dz) / chord,
  };
  return arcBetween(c, radius, a, b, side > 0 ? 1 : -1);
}

/** The arc that goes on from the piece before without a corner. */
function tangentArc(a: ShapePoint, b: ShapePoint, before: Piece | undefined, i: number): Piece {
  if (!before) throw refuse(i, 'run', 'The first stretch has nothing to be tangent to.');
  const heading = headingOf(before, 'end');
  const [nz, nr] = [-Math.sin(heading), Math.cos(heading)];
  const [dz, dr] = [b.z - a.z, b.r - a.r];
  const off = dz * nz + dr * nr;
  if (Math.abs(off) < 1e-9) return straight(a, b);
  const radius = (dz * dz + dr * dr) / (2 * off);
  const c = { z: a.z + radius * nz, r: a.r + radius * nr };
  return arcBetween(c, Math.abs(radius), a, b, radius > 0 ? 1 : -1);
}

function arcThrough(a: ShapePoint, b: ShapePoint, i: number): Piece {
  const m = b.via;
  if (!m)
    throw new AnelloError('underdetermined', `points.${i}.via`, 'Still missing: the third point of the arc.');
  return arcThroughPoints(a, m, b);
}

/** A quarter of an ellipse with its axes along and across the part. */
function quarterEllipse(a: ShapePoint, b: ShapePoint): CurvePoint[] {
  const rises = b.r >= a.r;
  const startsSteep = rises === (b.bulge !== 'in');
  const larger = Math.max(Math.abs(b.z - a.z), Math.abs(b.r - a.r), 1);
  const count = Math.max(8, listLength(Math.PI / 2 / Math.sqrt((8 * FOLLOWED) / larger), 'points'));
  return Array.from({ length: count + 1 }, (_, k) => {
    const t = (k / count) * (Math.PI / 2);
    const [early, late] = [1 - Math.cos(t), Math.sin(t)];
    return {
      z: a.z + (b.z - a.z) * (startsSteep ? early : late),
      r: a.r + (b.r - a.r) * (startsSteep ? late : early),
    };
  });
}

/** Two equal arcs, parallel to the axis at both ends, meeting half-way without a corner. */
function ogee(a: ShapePoint, b: ShapePoint, i: number): Piece[] {
  const [dz, dr] = [b.z - a.z, b.r - a.r];
  if (Math.abs(dr) < 1e-9) return [straight(a, b)];
  if (Math.abs(dr) > Math.abs(dz) * (1 + 1e-9))
    throw refuse(
      i,
      'z',
      'An ogee this steep turns back on itself: give it at least as much length as it rises.',
    );
  const radius = (dz * dz + dr * dr) / (4 * Math.abs(dr));
  const up = Math.sign(dr);
  const way = dz >= 0 ? 1 : -1;
  const middle = { z: (a.z + b.z) / 2, r: (a.r + b.r) / 2 };
  const sense = (up * way) as 1 | -1;
  return [
    arcBetween({ z: a.z, r: a.r + up * radius }, radius, a, middle, sense),
    arcBetween({ z: b.z, r: b.r - up * radius }, radius, middle, b, -sense as 1 | -1),
  ];
}

const chords = (points: readonly CurvePoint[]): Piece[] =>
  points.slice(1).map((b, i) => straight(points[i] as CurvePoint, b));

/** The largest turn between neighbouring pieces, rad: nothing where the profile runs on without a corner. */
export function cornersOf(pieces: readonly Piece[]): { readonly at: CurvePoint; readonly turn: number }[] {
  return pieces.slice(1).flatMap((piece, i) => {
    const before = pieces[i] as Piece;
    const turn = headingOf(piece, 'start') - headingOf(before, 'end');
    const wrapped = Math.atan2(Math.sin(turn), Math.cos(turn));
    return Math.abs(wrapped) > CORNER ? [{ at: endOf(before), turn: wrapped }] : [];
  });
}

const CORNER = 0.02;
