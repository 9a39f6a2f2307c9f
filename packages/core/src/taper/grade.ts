import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

/** Cone angle tolerance grades, finest first. */
export const GRADES = ['AT3', 'AT4', 'AT5', 'AT6', 'AT7', 'AT8'] as const;
export type Grade = (typeof GRADES)[number];

/** Upper ends of the length ranges in mm, and the AT4 tolerance of the included angle in microradians. ISO 1947. */
const AT4: readonly (readonly [upTo: number, microradian: number])[] = [
  [10, 200],
  [16, 160],
  [25, 125],
  [40, 100],
  [63, 80],
  [100, 63],
  [160, 50],
  [250, 40],
  [400, 31.5],
  [630, 25],
];
const SHORTEST = 6;
/** Each grade is this much coarser than the one before. */
const STEP = 1.6;

/**
 * Tolerance of the included cone angle in rad for a cone of this length (mm along the axis).
 * Errors: out-of-range when the length lies outside 6 to 630 mm, or the grade is none of these. Source: ISO 1947, AT series.
 *
 * @example
 * coneAngleTolerance({ grade: 'AT6', length: 81 })
 * // → 0.00016128
 */
export function coneAngleTolerance({ grade, length }: { grade: Grade; length: number }): number {
  positive(length, 'length', 'The length of the cone');
  const row = AT4.find(([upTo]) => length <= upTo);
  if (!row || length < SHORTEST) {
    throw new AnelloError(
      'out-of-range',
      'length',
      'The grades cover cones from 6 to 630 mm long: give the tolerance itself.',
    );
  }
  if (!GRADES.includes(grade)) throw new AnelloError('out-of-range', 'grade', 'Grades are AT3 to AT8.');
  return row[1] * 1e-6 * STEP ** (GRADES.indexOf(grade) - GRADES.indexOf('AT4'));
}
