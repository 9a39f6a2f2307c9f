/**
 * Nearest multiple of a step; the step must be above zero.
 *
 * @example
 * snap(12.37, 0.05)
 * // → 12.35
 */
export function snap(value: number, step: number): number {
  return clean(Math.round(value / step) * step);
}

/** Figures that survive are far more than any instrument's; the dust of a product does not. */
const CLEAN_FIGURES = 13;
const clean = (value: number): number => Number(value.toPrecision(CLEAN_FIGURES));

/**
 * Largest multiple of a step that does not exceed the value, forgiving floating-point dust.
 *
 * @example
 * snapDown(12.39, 0.05)
 * // → 12.35
 */
export function snapDown(value: number, step: number): number {
  return Math.floor(value / step + DUST) * step;
}

/** A billionth of a step: far below any instrument, far above rounding dust. */
const DUST = 1e-9;

/** Whether so many steps are a whole number of them, one at least. */
export const isWhole = (steps: number): boolean =>
  steps > 0.999999 && Math.abs(steps - Math.round(steps)) < 1e-6 * steps;

/** How many decimals are needed to write multiples of a resolution faithfully (0.02 → 2, 0.0005 → 4). */
export function decimalsFor(resolution: number): number {
  for (let decimals = 0; decimals < 7; decimals++) {
    const scaled = resolution * 10 ** decimals;
    if (isWhole(scaled)) return decimals;
  }
  return Math.max(0, Math.min(6, Math.ceil(-Math.log10(resolution))));
}

/** Fixed decimals with a true minus sign and never a negative zero. */
export function fixed(value: number, decimals: number): string {
  const text = Math.abs(value).toFixed(decimals);
  const negative = value < 0 && Number(text) !== 0;
  return negative ? `\u2212${text}` : text;
}
