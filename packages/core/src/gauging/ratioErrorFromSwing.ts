import { notNegative, positive } from '../basics/check';

/**
 * Error of the ratio on diameter from a total swing (mm) clocked at a distance (mm) from the ring of
 * contact: swing / distance. Errors: out-of-range, not-finite.
 *
 * @example
 * ratioErrorFromSwing({ swing: 0.04, distance: 70 }).ratioError
 * // → 0.000571429
 */
export function ratioErrorFromSwing({ swing, distance }: { swing: number; distance: number }): {
  ratioError: number;
} {
  return {
    ratioError: notNegative(swing, 'swing', 'The swing') / positive(distance, 'distance', 'The distance'),
  };
}
