import { notNegative, positive } from '../basics/check';

/**
 * Error of the ratio on diameter from a total swing (mm) clocked at a distance (mm) from the ring of
 * contact: swing / distance. Errors: out-of-range, not-finite.
 */
export function ratioErrorFromSwing({ swing, distance }: { swing: number; distance: number }): {
  ratioError: number;
} {
  return {
    ratioError: notNegative(swing, 'swing', 'The swing') / positive(distance, 'distance', 'The distance'),
  };
}
