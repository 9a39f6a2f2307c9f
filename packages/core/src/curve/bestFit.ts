import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';
import { leastSquares } from '../basics/linear';
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
  const worst = deviations.reduce((a, b) => (Math.abs(b.off) > Math.abs(a.off) ? b : a));
  return {
    shift: { z: dz, r: dr },
    scale,
    deviations,
    worst,
    rms: Math.sqrt(deviations.reduce((sum, d) => sum + d.off * d.off, 0) / deviations.length),
  };
}
