import { positive } from '../basics/check';
import { GRADE, MICRO, stepOf } from './isoHole';

/** Shafts that run, slide or are pressed in, by the ISO system. */
export const SHAFT_FITS = ['h6', 'h7', 'h8', 'h9', 'g6', 'f7', 'k6', 'm6', 'n6', 'p6'] as const;
export type ShaftFit = (typeof SHAFT_FITS)[number];

/**
 * The deviation nearest the basic size over the size steps, µm: the upper one of letters up to h, the lower one after it.
 * Source: ISO 286-1, tables 4 and 5; k holds for the grades 4 to 7.
 */
const DEVIATION: Readonly<Record<'h' | 'g' | 'f' | 'k' | 'm' | 'n' | 'p', readonly number[]>> = {
  h: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  g: [-2, -4, -5, -6, -7, -9, -10, -12, -14, -15, -17, -18, -20],
  f: [-6, -10, -13, -16, -20, -25, -30, -36, -43, -50, -56, -62, -68],
  k: [0, 1, 1, 1, 2, 2, 2, 3, 3, 4, 4, 4, 5],
  m: [2, 4, 6, 7, 8, 9, 11, 13, 15, 17, 20, 21, 23],
  n: [4, 8, 10, 12, 15, 17, 20, 23, 27, 31, 34, 37, 40],
  p: [6, 12, 15, 18, 22, 26, 32, 37, 43, 50, 56, 62, 68],
};

/**
 * Least and largest diameter of a shaft of a fit, mm. Errors: out-of-range beyond the table.
 *
 * @example
 * shaftLimits({ diameter: 40, fit: 'g6' })
 * // → { least: 39.975, most: 39.991 }
 */
export function shaftLimits({ diameter, fit }: { diameter: number; fit: ShaftFit }): {
  least: number;
  most: number;
} {
  positive(diameter, 'diameter', 'The diameter');
  const step = stepOf(diameter);
  const near = DEVIATION[fit[0] as keyof typeof DEVIATION][step] ?? 0;
  const zone = GRADE[fit[1] as keyof typeof GRADE][step] ?? 0;
  const below = near < 0 || fit[0] === 'h';
  const [low, high] = below ? [near - zone, near] : [near, near + zone];
  return { least: diameter + low * MICRO, most: diameter + high * MICRO };
}
