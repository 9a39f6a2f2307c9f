import { AnelloError } from '../basics/error';
import { positive, taperAngle } from '../basics/check';
import { snap } from '../figure/round';

export interface PinPosition {
  readonly x: number;
  /** Rounded to what the readout can hit. */
  readonly y: number;
  readonly yExact: number;
  /** Half angle the rounded hole really gives, less the one wanted, rad. */
  readonly angleError: number;
}

/**
 * Second-pin positions for a setting block: one pin at the origin, one at (span, span tan a), mm, y rounded
 * to the mill's readout. Errors: out-of-range, not-finite; underdetermined without a taper.
 *
 * @example
 * pinBlock({ halfAngles: [SHANK.halfAngle], span: 90, resolution: 0.01 }).pins
 * // → [{ x: 90, y: 2.26, yExact: 2.25881, angleError: 0.000013221 }]
 */
export function pinBlock({
  halfAngles,
  span,
  resolution,
}: {
  halfAngles: readonly number[];
  span: number;
  resolution: number;
}): { pins: PinPosition[] } {
  positive(span, 'span', 'The span');
  positive(resolution, 'resolution', 'The resolution');
  if (halfAngles.length === 0)
    throw new AnelloError('underdetermined', 'halfAngles', 'Choose at least one taper.');
  return {
    pins: halfAngles.map((halfAngle, index) => {
      const yExact = span * Math.tan(taperAngle(halfAngle, `halfAngles.${index}`));
      const y = snap(yExact, resolution);
      return { x: span, y, yExact, angleError: Math.atan(y / span) - halfAngle };
    }),
  };
}
