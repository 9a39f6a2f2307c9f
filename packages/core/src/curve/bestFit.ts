import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';
import { leastSquares } from '../basics/linear';
import { coverageFor } from '../basics/student';
import { nearestOn } from './nearestOn';
import type { CurvePoint, Piece } from './piece';

/** A place on the work as measured: mm, radius. */
export type Measured = CurvePoint;

export interface Deviation {
  readonly at: Measured;
  /** The nearest place of the profile, after the shift. */
  readonly foot: CurvePoint;
  /** Square to the profile, mm: more than nothing is metal too much outside. */
  readonly off: number;
}

export interface BestFit {
  /** What the measured points were moved by to lie best, mm. */
  readonly shift: CurvePoint;
  /** Plus or minus (k = 2) of the shift each way, mm, from how the places scatter; null where they do not tell that way. */
  readonly shiftUncertainty: { readonly z: number | null; readonly r: number | null };
  /** What they were multiplied by, where that was asked for. */
  readonly scale: number;
  readonly deviations: readonly Deviation[];
  readonly worst: Deviation;
  readonly rms: number;
}

const ROUNDS = 30;
const STILL = 1e-9;

/**
 * Measured places laid on a profile as well as they go: moved along and out, and scaled if wanted, until the sum of the
 * squared distances is least. What the places cannot tell (a plain cylinder's place along the axis) is left alone.
 * Errors: underdetermined with fewer than three; not-finite at `measured.i`.
 *
 * @example
 * bestFit({
 *   pieces: CURVE,
 *   measured: [
 *     { z: 2, r: 9.01 },
 *     { z: 20, r: 13.01 },
 *     { z: 30, r: 13.01 },
 *   ],
 * }).deviations.length
 * // → 3
 */
export function bestFit({
  pieces,
  measured,
  withScale = false,
}: {
  pieces: readonly Piece[];
  measured: readonly Measured[];
  withScale?: boolean;
}): BestFit {
  if (measured.length < 3)
    throw new AnelloError('underdetermined', 'measured', 'Measure at three places at least.');
  measured.forEach((p, i) => {
    finite(p.z, `measured.${i}`);
    finite(p.r, `measured.${i}`);
  });
  let [dz, dr, scale] = [0, 0, 1];
  for (let round = 0; round < ROUNDS; round++) {
    const rows = measured.map((p) => {
      const moved = { z: scale * p.z + dz, r: scale * p.r + dr };
      const { off, normal } = nearestOn(pieces, moved);
      return { terms: [normal.z, normal.r, withScale ? normal.z * p.z + normal.r * p.r : 0], value: -off };
    });
    const step = leastSquares(rows, 3);
    dz += step[0] ?? 0;
    dr += step[1] ?? 0;
    scale += step[2] ?? 0;
    if (Math.hypot(...step) < STILL) break;
  }
  const deviations = measured.map((p): Deviation => {
    const { foot, off } = nearestOn(pieces, { z: scale * p.z + dz, r: scale * p.r + dr });
    return { at: p, foot, off };
  });
  const normals = measured.map((p) => nearestOn(pieces, { z: scale * p.z + dz, r: scale * p.r + dr }).normal);
  const worst = deviations.reduce((a, b) => (Math.abs(b.off) > Math.abs(a.off) ? b : a));
  return {
    shift: { z: dz, r: dr },
    shiftUncertainty: uncertaintyOf(normals, deviations),
    scale,
    deviations,
    worst,
    rms: Math.sqrt(deviations.reduce((sum, d) => sum + d.off * d.off, 0) / deviations.length),
  };
}

/** A way the places' normals hardly lie along is not told by them. */
const UNTOLD = 1e-4;

/** From the scatter of what is left and the ways the places look: the inverse of the normal equations of a plain shift. */
function uncertaintyOf(
  normals: readonly CurvePoint[],
  deviations: readonly Deviation[],
): BestFit['shiftUncertainty'] {
  const sum = (of: (n: CurvePoint) => number): number => normals.reduce((total, n) => total + of(n), 0);
  const [zz, zr, rr] = [sum((n) => n.z * n.z), sum((n) => n.z * n.r), sum((n) => n.r * n.r)];
  const freedom = Math.max(1, deviations.length - 2);
  const sigma = Math.sqrt(deviations.reduce((total, d) => total + d.off * d.off, 0) / freedom);
  const determinant = zz * rr - zr * zr;
  const reach = coverageFor(freedom) * sigma;
  const told = determinant > UNTOLD * (zz + rr) ** 2;
  return {
    z: told ? reach * Math.sqrt(rr / determinant) : null,
    r: told ? reach * Math.sqrt(zz / determinant) : rr > UNTOLD ? reach / Math.sqrt(rr) : null,
  };
}
