import type { LinearFit } from '../linearFit';
import type { Series } from '../series';
import type { Column } from '../tails';

/** What a sweep can show besides its slope. A new one is a file here and a line in the registry. */
export const TERM_IDS = ['bow', 'flat', 'step', 'sine'] as const;
export type TermId = (typeof TERM_IDS)[number];

/** Where a term sits on the travel: the end of a flat, the place of a step, mm. Nothing of a bow and of a swing. */
export type Places = Readonly<Partial<Record<TermId, number>>>;

/** A term as the joint fit takes it: its columns, how many figures it costs, and where it could sit. */
export interface Term {
  readonly id: TermId;
  /** Figures it has of its own: each must earn its place. */
  readonly figures: number;
  /** Whether such a thing can be in a sweep of this sort. */
  possible(series: Series): boolean;
  /** Columns it adds, sitting there. */
  columns(place: number): readonly Column[];
  /** What stands for the travel while it is in: the reading does not follow all of it. Left out: the travel. */
  travel?(place: number): Column;
  /** Places to look at first, and finer ones near one that was found; none where there is nothing to look for. */
  coarse(series: Series): readonly number[];
  fine(series: Series, near: number): readonly number[];
  /** Where all readings leave least, near where fewer did; left out where that is settled already. */
  nearest?(at: Settled): number;
  /** How the readings change with its place, for the uncertainty of that; left out where the place is not a figure of it. */
  slide?(place: number, coefficients: readonly number[]): Column;
}

/** A term as it sits in a joint fit: at `near`, its columns from `first` on. */
export interface Settled {
  readonly series: Series;
  readonly near: number;
  readonly fit: LinearFit;
  readonly first: number;
  /** How much of one column more the readings take beside all that are fitted. */
  leanOn(column: Column): number;
}

/** Places evenly over a stretch, both ends left out. */
export const spread = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count }, (_, i) => from + ((to - from) * (i + 0.5)) / count);
