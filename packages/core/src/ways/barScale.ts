import { angleOfSide, positive } from '../basics/check';
import type { BarScale } from '../machine/lathe';
import { angle, perFoot, perMetre, type Figure } from '../figure/figure';
import { snap } from '../figure/round';
import { halfAngleOf, ratioOf } from '../taper/solve';

/** What an attachment's scale is graduated in, as a value on it for a half angle, and back. */
const UNITS = {
  'half-angle': { of: (a: number) => a, back: (v: number) => v, figure: angle },
  included: { of: (a: number) => 2 * a, back: (v: number) => v / 2, figure: angle },
  'per-foot': { of: ratioOf, back: halfAngleOf, figure: perFoot },
  'mm-per-m': { of: ratioOf, back: halfAngleOf, figure: perMetre },
} as const satisfies Record<
  BarScale['unit'],
  {
    of: (halfAngle: number) => number;
    back: (value: number) => number;
    figure: (v: number, r?: number) => Figure;
  }
>;

export const SCALE_NAMES = {
  'half-angle': 'half angle',
  included: 'included angle',
  'per-foot': 'taper per foot',
  'mm-per-m': 'mm per m on diameter',
} as const;

export interface BarReading {
  /** The exact figure in the scale's own unit. */
  readonly exact: Figure;
  /** The nearest division. */
  readonly nearest: Figure;
  /** The half angle the nearest division stands for, rad. */
  readonly halfAngle: number;
  /** How far one division moves the half angle here, rad. */
  readonly divisionAngle: number;
}

/**
 * What an attachment's scale should read for a half angle (rad), in the unit it is graduated in, and what the
 * nearest division leaves over. Errors: out-of-range, not-finite. Example: 1:20 on a per-foot scale → 0.6.
 */
export function barReading(scale: BarScale, halfAngle: number): BarReading {
  const { of, back, figure } = UNITS[scale.unit];
  positive(scale.division, 'scale.division', 'A division of the bar’s scale');
  angleOfSide(halfAngle);
  const exact = of(halfAngle);
  const nearest = snap(exact, scale.division);
  return {
    exact: figure(exact),
    nearest: figure(nearest, scale.division),
    halfAngle: back(nearest),
    divisionAngle: back(exact + scale.division) - halfAngle,
  };
}
