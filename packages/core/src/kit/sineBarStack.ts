import { angleOfSide, positive } from '../basics/check';

/**
 * Gauge-block stack (mm) under one roller of a sine bar to stand it at an angle (rad): L sin a.
 * Errors: out-of-range, not-finite.
 *
 * @example
 * sineBarStack({ barLength: 100, angle: Math.PI / 6 }).stack
 * // → 50
 */
export function sineBarStack({ barLength, angle }: { barLength: number; angle: number }): { stack: number } {
  return {
    stack: positive(barLength, 'barLength', 'The sine bar’s length') * Math.sin(angleOfSide(angle, 'angle')),
  };
}
