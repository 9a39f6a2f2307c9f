import { positive } from '../basics/check';
import { JAWS, roundFit } from './circleFit';

/** A direction and a size across the spindle's axis: x toward jaw 1, y toward jaw 2. */
export interface Across {
  readonly x: number;
  readonly y: number;
}

const four = (readings: readonly number[]): Across => {
  const { x, y } = roundFit(readings.map((reading, i) => ({ reading, direction: JAWS[i] ?? 0 })));
  return { x: x ?? 0, y: y ?? 0 };
};

/**
 * Rim and face read together, four each: the rim gives the offset (mm), the face the tilt (rad: toward which jaw the
 * work's axis leans on its way out of the chuck, as nearAndFar says it). A face at a radius R whose axis leans toward a
 * jaw by t stands R t lower there. Errors: as roundFit.
 *
 * @example
 * rimAndFace({ rim: [0.1, 0, -0.1, 0], face: [0.05, 0, -0.05, 0], faceRadius: 25 })
 * // → { offset: { x: 0.1, y: -1.22465e-17 }, tilt: { x: -0.002, y: 2.44929e-19 } }
 */
export function rimAndFace({
  rim,
  face,
  faceRadius,
}: {
  rim: readonly number[];
  face: readonly number[];
  faceRadius: number;
}): { offset: Across; tilt: Across } {
  const r = positive(faceRadius, 'faceRadius', 'The radius the face is read at');
  const lean = four(face);
  return { offset: four(rim), tilt: { x: -lean.x / r, y: -lean.y / r } };
}

/**
 * Long work read near the chuck and far from it, four each: the offset at the chuck, how far the far end must be
 * tapped over (mm), and the tilt between them (rad). Errors: as roundFit.
 *
 * @example
 * nearAndFar({ near: [0.1, 0, -0.1, 0], far: [0.2, 0, -0.2, 0], apart: 50 }).tilt
 * // → { x: 0.002, y: -2.44929e-19 }
 */
export function nearAndFar({
  near,
  far,
  apart,
}: {
  near: readonly number[];
  far: readonly number[];
  apart: number;
}): { offset: Across; tap: Across; tilt: Across } {
  const along = positive(apart, 'apart', 'The distance between them');
  const [here, there] = [four(near), four(far)];
  const tap = { x: there.x - here.x, y: there.y - here.y };
  return { offset: here, tap, tilt: { x: tap.x / along, y: tap.y / along } };
}

/**
 * Runout read twice, the piece turned half round in its holder between: what stays is the spindle's, what turns with
 * it is the piece's. spindle = (a + b) / 2, piece = (a - b) / 2, as vectors. Errors: as roundFit.
 *
 * @example
 * separateRunout({ first: [0.02, 0, -0.02, 0], turned: [-0.02, 0, 0.02, 0] })
 * // → { spindle: { x: 0, y: 0 }, piece: { x: 0.02, y: -2.44929e-18 } }
 */
export function separateRunout({ first, turned }: { first: readonly number[]; turned: readonly number[] }): {
  spindle: Across;
  piece: Across;
} {
  const [a, b] = [four(first), four(turned)];
  return {
    spindle: { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 },
    piece: { x: (a.x - b.x) / 2, y: (a.y - b.y) / 2 },
  };
}
