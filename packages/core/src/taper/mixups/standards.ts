import { TAPER_SERIES, taperSeries } from '../series/registry';
import type { TaperSize } from '../series/series';
import { halfAngleOf } from '../solve';

const FIGURES = 8;
const DEGREE = Math.PI / 180;

/** Every size in the tables. */
export const STANDARD_SIZES: readonly TaperSize[] = TAPER_SERIES.flatMap((s) => s.sizes);

/** Whether two tapers are one, as far as any table prints them. */
export const sameRatio = (a: number, b: number): boolean => Math.abs(a - b) <= 2e-6 * Math.max(a, b);
/** A part in five hundred: nearer than any two standards a person would take for each other. */
const NEAREST = 0.002;
export const nearly = (a: number, b: number, within = NEAREST): boolean => Math.abs(a - b) <= within * b;

/** A taper that is rounded, or said roughly for all of a series, is this near the real one of a size. */
export const ROUGHLY = 0.05;

/** The size of the tables whose ratio passes a test, the first in the tables' order. */
export const findRatio = (test: (ratio: number) => boolean): TaperSize | undefined =>
  STANDARD_SIZES.find((size) => test(size.ratio));

/** A size's ratio as its own table gives it. */
export function ratioText(size: TaperSize): string {
  return taperSeries(size.series).unit === 'in'
    ? `${Number((size.ratio * 12).toPrecision(FIGURES))} in/ft`
    : `1:${Number((1 / size.ratio).toPrecision(FIGURES))}`;
}

/** A size's half angle as it would be typed, in degrees. */
export const angleText = (size: TaperSize): string =>
  `${Number((halfAngleOf(size.ratio) / DEGREE).toPrecision(FIGURES))}°`;
