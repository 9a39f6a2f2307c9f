import { angleOfSide, positive } from '../basics/check';

/**
 * How far the end of an attachment's bar moves square to the bed between two half angles, mm; positive
 * is steeper. The indicator stands pivotLength (mm along the bed) from the pivot: p (tan b - tan a).
 * Errors: out-of-range, not-finite.
 *
 * @example
 * attachmentBarShift({ pivotLength: 180, fromHalfAngle: 0.025, toHalfAngle: 0.026 }).shift
 * // → 0.180117
 */
export function attachmentBarShift({
  pivotLength,
  fromHalfAngle,
  toHalfAngle,
}: {
  pivotLength: number;
  fromHalfAngle: number;
  toHalfAngle: number;
}): { shift: number } {
  positive(pivotLength, 'pivotLength', 'The length from the pivot');
  angleOfSide(fromHalfAngle, 'fromHalfAngle');
  angleOfSide(toHalfAngle, 'toHalfAngle');
  return { shift: pivotLength * (Math.tan(toHalfAngle) - Math.tan(fromHalfAngle)) };
}
