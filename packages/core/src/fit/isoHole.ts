import { limitsByIso, type FitLimits } from './isoTables';

/** Holes a shaft runs, slides or is pressed in, by the ISO system. */
export const HOLE_FITS = [
  ...(['H6', 'H7', 'H8', 'H9', 'H11', 'G7', 'F7', 'F8', 'E9'] as const),
  ...(['JS7', 'K7', 'M7', 'N7', 'P7'] as const),
] as const;
export type HoleFit = (typeof HOLE_FITS)[number];

/**
 * Least and largest diameter of a hole of a fit, mm. Errors: out-of-range beyond the table.
 *
 * @example
 * holeLimits({ diameter: 20, fit: 'H7' })
 * // → { least: 20, most: 20.021 }
 */
export const holeLimits = ({ diameter, fit }: { diameter: number; fit: HoleFit }): FitLimits =>
  limitsByIso(diameter, fit);
