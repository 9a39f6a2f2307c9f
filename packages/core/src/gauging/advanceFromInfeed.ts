import { finite, taperAngle } from '../basics/check';
import { radialOf, type DialReads } from '../machine/dialReads';

/**
 * How far (mm along the axis) a gauge goes on for a dial move (mm as the dial reads it): radial / tan a.
 * Errors: out-of-range, not-finite.
 *
 * @example
 * advanceFromInfeed({ infeed: 0.04, dial: 'radius', halfAngle: SHANK.halfAngle }).advance
 * // → 1.59376
 */
export function advanceFromInfeed({
  infeed,
  dial,
  halfAngle,
}: {
  infeed: number;
  dial: DialReads;
  halfAngle: number;
}): {
  advance: number;
} {
  return { advance: radialOf(finite(infeed, 'infeed'), dial) / Math.tan(taperAngle(halfAngle)) };
}
