import { limitsByIso, type FitLimits } from './isoTables';

/** Shafts that run, slide or are pressed in, by the ISO system. */
export const SHAFT_FITS = [
  ...(['h5', 'h6', 'h7', 'h8', 'h9', 'h11', 'g6', 'f7', 'e8', 'd9'] as const),
  ...(['js6', 'k6', 'm6', 'n6', 'p6', 'r6', 's6'] as const),
] as const;
export type ShaftFit = (typeof SHAFT_FITS)[number];

/**
 * Least and largest diameter of a shaft of a fit, mm. Errors: out-of-range beyond the table.
 *
 * @example
 * shaftLimits({ diameter: 40, fit: 'g6' })
 * // → { least: 39.975, most: 39.991 }
 */
export const shaftLimits = ({ diameter, fit }: { diameter: number; fit: ShaftFit }): FitLimits =>
  limitsByIso(diameter, fit);
