import { finite, positive } from '../basics/check';

/**
 * Half angle (rad) of a cone measured over equal rollers at two heights: atan((upper - lower) / 2h), mm.
 * Errors: out-of-range, not-finite. The rollers' own size drops out.
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
