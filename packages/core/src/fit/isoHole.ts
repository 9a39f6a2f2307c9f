import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

/** Holes a shaft runs or slides in, by the ISO system. */
export const HOLE_FITS = ['H6', 'H7', 'H8', 'H9', 'G7', 'F7', 'F8'] as const;
export type HoleFit = (typeof HOLE_FITS)[number];

/** Upper ends of the size steps, mm. */
const STEPS = [3, 6, 10, 18, 30, 50, 80, 120, 180, 250, 315, 400, 500] as const;

/** Tolerance grades over those steps, µm. Source: ISO 286-1, table 1. */
export const GRADE: Readonly<Record<'6' | '7' | '8' | '9', readonly number[]>> = {
  '6': [6, 8, 9, 11, 13, 16, 19, 22, 25, 29, 32, 36, 40],
  '7': [10, 12, 15, 18, 21, 25, 30, 35, 40, 46, 52, 57, 63],
  '8': [14, 18, 22, 27, 33, 39, 46, 54, 63, 72, 81, 89, 97],
  '9': [25, 30, 36, 43, 52, 62, 74, 87, 100, 115, 130, 140, 155],
};
/** Fundamental deviations over those steps, µm. Source: ISO 286-1, table 3. */
const DEVIATION: Readonly<Record<'H' | 'G' | 'F', readonly number[]>> = {
  H: [0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0],
  G: [2, 4, 5, 6, 7, 9, 10, 12, 14, 15, 17, 18, 20],
  F: [6, 10, 13, 16, 20, 25, 30, 36, 43, 50, 56, 62, 68],
};
export const MICRO = 1e-3;

/**
 * Least and largest diameter of a hole of a fit, mm. Errors: out-of-range beyond the table.
 *
 * @example
 * holeLimits({ diameter: 20, fit: 'H7' })
 * // → { least: 20, most: 20.021 }
 */
export function holeLimits({ diameter, fit }: { diameter: number; fit: HoleFit }): {
  least: number;
  most: number;
} {
  positive(diameter, 'diameter', 'The diameter');
  const step = stepOf(diameter);
  const low = DEVIATION[fit[0] as 'H' | 'G' | 'F'][step] ?? 0;
  const zone = GRADE[fit[1] as '6' | '7' | '8' | '9'][step] ?? 0;
  return { least: diameter + low * MICRO, most: diameter + (low + zone) * MICRO };
}

/** Which step of the table a diameter lies in. Error: out-of-range beyond it. */
export function stepOf(diameter: number): number {
  const step = STEPS.findIndex((s) => diameter <= s);
  if (step === -1) throw new AnelloError('out-of-range', 'diameter', 'The table of fits goes to 500 mm.');
  return step;
}
