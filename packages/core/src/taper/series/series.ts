/** One size of a standard taper, in mm, with the figures as published kept beside it. */
export interface TaperSize {
  readonly series: SeriesId;
  readonly size: string;
  readonly name: string;
  /** (large - small) / length. */
  readonly ratio: number;
  /** Diameter at the gauge line. */
  readonly gaugeDiameter: number;
  /** How far the cone runs on past the gauge line, away from the small end. */
  readonly beyondGauge: number;
  /** From the gauge line to the small end. */
  readonly length: number;
  /** The small end as the table prints it, and how far its rounding may be out. */
  readonly publishedSmall: number;
  readonly publishedRounding: number;
  readonly drawbarThread: string | null;
}

export interface TaperSeries {
  readonly id: SeriesId;
  readonly title: string;
  readonly standard: string;
  readonly unit: 'mm' | 'in';
  readonly sizes: readonly TaperSize[];
}

export type SeriesId = 'morse-iso' | 'morse-inch';
