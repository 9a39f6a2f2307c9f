import { positive } from '../basics/check';
import { coneAngleTolerance, type Grade } from './grade';

/** What a taper may be out by, worked into the forms the settings need. */
export interface TaperTolerance {
  /** The whole zone of (large - small) over the length, mm on diameter. */
  readonly overLength: number;
  /** Plus or minus on the half angle, rad. */
  readonly halfAngle: number;
}

export interface ToleranceGivens {
  readonly grade: Grade;
  readonly length: number;
  /** From the drawing, mm on diameter over the length: overrides the grade. */
  readonly coneZone?: number | undefined;
}

/**
 * Zone and half-angle band of a cone. The zone is the whole spread of the included angle, so the half
 * angle may be a quarter of it either way: ± AT/4. Errors: out-of-range, not-finite.
 *
 * @example
 * taperTolerance({ grade: 'AT7', length: 86 })
 * // → { overLength: 0.0222, halfAngle: 0.0000645 }
 */
export function taperTolerance({ grade, length, coneZone }: ToleranceGivens): TaperTolerance {
  positive(length, 'length', 'The length');
  if (coneZone !== undefined) positive(coneZone, 'coneZone', 'The zone');
  const clamped = Math.min(630, Math.max(6, length));
  const included =
    coneZone === undefined ? coneAngleTolerance({ grade, length: clamped }) : coneZone / length;
  return { overLength: included * length, halfAngle: included / 4 };
}
