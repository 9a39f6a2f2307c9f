import { AnelloError } from './error';

/** The steepest half angle a turned cone is given here: beyond it the side is a face, not a taper. */
export const MAX_HALF_ANGLE = (89 / 180) * Math.PI;

/** A finite number, or an error naming the field. Returns the value so it can be used in place. */
export function finite(value: number, field: string): number {
  if (typeof value !== 'number' || !Number.isFinite(value)) {
    throw new AnelloError('not-finite', field, 'A figure is missing here, or it is not a number.');
  }
  return value;
}

/** A finite number above zero. */
export function positive(value: number, field: string, what = 'This figure'): number {
  if (finite(value, field) <= 0) {
    throw new AnelloError('out-of-range', field, `${what} must be more than zero.`);
  }
  return value;
}

/** A finite number of zero or more. */
export function notNegative(value: number, field: string, what = 'This figure'): number {
  if (finite(value, field) < 0) {
    throw new AnelloError('out-of-range', field, `${what} cannot be less than zero.`);
  }
  return value;
}

/** Larger than any figure here: a thousand km in mm, with room for stiffness in MPa and for seeds. */
export const LARGEST = 1e10;

/** No list here is longer: a figure that asks for more is a slip, and would eat all memory before it was seen. */
export const LONGEST_LIST = 250_000;

/**
 * How many places a figure asks for, rounded up, refused before a list of them is made.
 * Errors: out-of-range, not-finite. Example: 2.2 → 3.
 */
export function listLength(count: number, field: string): number {
  if (!(finite(count, field) <= LONGEST_LIST))
    throw new AnelloError('out-of-range', field, 'That asks for more places than anything here could use.');
  return Math.max(0, Math.ceil(count));
}

/** A half angle in radians, of either sign, short of a flat face. */
export function angleOfSide(value: number, field = 'halfAngle'): number {
  if (Math.abs(finite(value, field)) > MAX_HALF_ANGLE) {
    throw new AnelloError('out-of-range', field, 'The half angle must stay under 89°.');
  }
  return value;
}

/** A half angle in radians that is really a taper: above zero, short of a flat face. */
export function taperAngle(value: number, field = 'halfAngle'): number {
  return angleOfSide(positive(value, field, 'The half angle'), field);
}
