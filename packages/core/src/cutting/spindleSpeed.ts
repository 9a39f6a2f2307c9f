import { positive } from '../basics/check';

/**
 * Spindle speed (rpm) for a surface speed (m/min) at a diameter (mm): 1000 v / πd. Errors: out-of-range.
 *
 * @example
 * spindleSpeed({ surfaceSpeed: 25, diameter: 24 }).rpm
 * // → 331.573
 */
export function spindleSpeed({ surfaceSpeed, diameter }: { surfaceSpeed: number; diameter: number }): {
  rpm: number;
} {
  positive(surfaceSpeed, 'surfaceSpeed', 'The surface speed');
  return { rpm: (1000 * surfaceSpeed) / (Math.PI * positive(diameter, 'diameter', 'The diameter')) };
}
