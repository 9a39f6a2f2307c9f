/** What one unit of a cross-slide dial means. */
export type DialReads = 'radius' | 'diameter';

/**
 * Radial infeed of a dial move.
 *
 * @example
 * radialOf(0.4, 'diameter')
 * // → 0.2
 */
export const radialOf = (dialMove: number, dial: DialReads): number =>
  dial === 'radius' ? dialMove : dialMove / 2;

/**
 * Dial move for a radial infeed.
 *
 * @example
 * dialOf(0.2, 'diameter')
 * // → 0.4
 */
export const dialOf = (radial: number, dial: DialReads): number => (dial === 'radius' ? radial : radial * 2);
