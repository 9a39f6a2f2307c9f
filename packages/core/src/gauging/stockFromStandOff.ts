import { finite, taperAngle } from '../basics/check';

/**
 * Stock still to come off (mm) for a gauge that stands off its line by standOff (mm along the axis):
 * 2 dz tan a on diameter, half that on radius. A negative stand-off is past the line and gives negative
 * stock. Errors: out-of-range, not-finite.
 *
 * @example
 * stockFromStandOff({ standOff: 1.6, halfAngle: SHANK.halfAngle })
 * // → { diameter: 0.0803132, radius: 0.0401566 }
 */
export function stockFromStandOff({ standOff, halfAngle }: { standOff: number; halfAngle: number }): {
  diameter: number;
  radius: number;
} {
  const radius = finite(standOff, 'standOff') * Math.tan(taperAngle(halfAngle));
  return { diameter: 2 * radius, radius };
}
