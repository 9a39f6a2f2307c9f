import { finite, positive } from '../basics/check';

/**
 * Half angle (rad) of a cone measured over equal rollers at two heights: atan((upper - lower) / 2h), mm.
 * Errors: out-of-range, not-finite. The rollers' own size drops out.
 *
 * @example
 * halfAngleOverRollers({ lower: 30, upper: 32, height: 40 }).halfAngle
 * // → 0.0249948
 */
export function halfAngleOverRollers({
  lower,
  upper,
  height,
}: {
  lower: number;
  upper: number;
  height: number;
}): {
  halfAngle: number;
} {
  finite(lower, 'lower');
  finite(upper, 'upper');
  return {
    halfAngle: Math.atan((upper - lower) / 2 / positive(height, 'height', 'The height between them')),
  };
}
