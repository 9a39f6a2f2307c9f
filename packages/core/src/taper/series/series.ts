/** A published figure and how far its printing may be rounded, mm. */
export interface Published {
  readonly value: number;
  readonly rounding: number;
}

/**
 * One size of a standard taper, in mm. A series fixes the ratio and one diameter, or neither a length nor a
 * size: what a table does not give is null, and the drawing decides it.
 */
export interface TaperSize {
  readonly series: SeriesId;
  readonly size: string;
  readonly name: string;
  /** (large - small) / length. */
  readonly ratio: number;
  /** Diameter at the gauge line, which is the large end where the cone stops there. */
  readonly gaugeDiameter: number | null;
  /** How far the cone runs on past the gauge line, away from the small end. */
  readonly beyondGauge: number;
  /** From the gauge line to the small end. */
  readonly length: number | null;
  /** The small end, where the table gives it: the reference of some series, a rounded consequence in others. */
  readonly small: Published | null;
  readonly thread: string | null;
}

export interface TaperSeries {
  readonly id: SeriesId;
  readonly title: string;
  readonly standard: string;
  readonly unit: 'mm' | 'in';
  /** What people call it, in short. */
  readonly calledAs: readonly string[];
  /** What it is found on. */
  readonly use: string;
  /** A trap worth saying beside the figures. */
  readonly note?: string;
  readonly sizes: readonly TaperSize[];
}

export type SeriesId =
  | 'morse-iso'
  | 'morse-inch'
  | 'metric-iso'
  | 'steep'
  | 'brown-sharpe'
  | 'jarno'
  | 'chuck'
  | 'chuck-metric'
  | 'collet-seat'
  | 'taper-pin-inch'
  | 'taper-pin-metric'
  | 'short-nose'
  | 'long-nose'
  | 'hollow-shank'
  | 'draw-in'
  | 'pipe-thread'
  | 'by-the-foot'
  | 'general'
  | 'shop';

export const INCH = 25.4;

/** A size with what its table leaves out left null. */
export const sizeOf = (
  given: Pick<TaperSize, 'series' | 'size' | 'name' | 'ratio'> & Partial<TaperSize>,
): TaperSize => ({
  gaugeDiameter: null,
  beyondGauge: 0,
  length: null,
  small: null,
  thread: null,
  ...given,
});
