import { notNegative, positive, taperAngle } from '../basics/check';

/**
 * What the cross-slide does while the carriage runs along a taper attachment: radial z tan a, twice that
 * on diameter, and takeUp, the length of carriage travel that lash (mm across) swallows before the
 * taper follows: lash / tan a. Errors: out-of-range, not-finite.
 *
 * @example
 * attachmentCheck({ halfAngle: SHANK.halfAngle, carriageTravel: 75, lash: 0.08 })
 * // → { radial: 1.88234, diametral: 3.76468, takeUp: 3.18752 }
 */
export function attachmentCheck({
  halfAngle,
  carriageTravel,
  lash,
}: {
  halfAngle: number;
  carriageTravel: number;
  lash: number;
}): { radial: number; diametral: number; takeUp: number } {
  const slope = Math.tan(taperAngle(halfAngle));
  positive(carriageTravel, 'carriageTravel', 'The carriage travel');
  notNegative(lash, 'lash', 'Lash');
  return { radial: carriageTravel * slope, diametral: 2 * carriageTravel * slope, takeUp: lash / slope };
}
