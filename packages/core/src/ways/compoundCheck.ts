import { angleOfSide, positive } from '../basics/check';

/**
 * What an indicator sees when the compound *slide* moves slideTravel (mm) along itself, swung to the
 * half angle: radial = s sin a across the bed, axial = s cos a along it. Errors: out-of-range, not-finite.
 *
 * @example
 * compoundCheck({ halfAngle: SHANK.halfAngle, slideTravel: 75 })
 * // → { radial: 1.88175, axial: 74.9764 }
 */
export function compoundCheck({ halfAngle, slideTravel }: { halfAngle: number; slideTravel: number }): {
  radial: number;
  axial: number;
} {
  angleOfSide(halfAngle);
  positive(slideTravel, 'slideTravel', 'The slide’s travel');
  return { radial: slideTravel * Math.sin(halfAngle), axial: slideTravel * Math.cos(halfAngle) };
}
