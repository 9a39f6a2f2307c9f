/** An indicator carried along something: what it read where. Lists of one length, mm. */
export interface Sweep {
  readonly travel: readonly number[];
  readonly reading: readonly number[];
  /** Reading to each mm of travel as it should be: 0 along a master or a test bar. */
  readonly expectedSlope: number;
  /** The lead of the feed screw, mm. */
  readonly lead?: number | undefined;
  /** What the indicator is read to, mm. */
  readonly resolution?: number | undefined;
}

/** What a sweep shows. A term is there only where the readings leave no doubt of it; lengths mm, `u` standard uncertainties. */
export interface SweepAnalysis {
  /** Reading to each mm of travel, mm per mm. */
  readonly slope: { readonly value: number; readonly u: number };
  /** How high the middle stands over the chord between the ends. */
  readonly bow: { readonly value: number; readonly u: number } | null;
  /** Travel at the start in which the reading does not follow yet: lash. */
  readonly flat: { readonly length: number; readonly u: number } | null;
  /** A jump that stays. */
  readonly step: { readonly at: number; readonly size: number } | null;
  /** A swing with the lead screw, or with a period found in the readings. */
  readonly sine: { readonly amplitude: number; readonly period: number } | null;
  /** Single readings that jump out. */
  readonly spikes: readonly { readonly at: number; readonly size: number }[];
  /** Standard deviation of what is left. */
  readonly noise: number;
}
