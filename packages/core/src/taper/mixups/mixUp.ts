import type { Figure } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { SolvedTaper } from '../solve';

/** What the user typed for a taper; only these are suspected. */
export interface TaperTyped {
  readonly ratio?: number | undefined;
  readonly halfAngle?: number | undefined;
  readonly gaugeDiameter?: number | undefined;
  readonly largeDiameter?: number | undefined;
  readonly smallDiameter?: number | undefined;
  readonly length?: number | undefined;
}
export type TypedKey = keyof TaperTyped;

/** A figure that looks like a rounding of another, or like one taken for its neighbour. */
export interface MixUp {
  readonly id: string;
  readonly field: TypedKey;
  /** What it looks like, in a sentence. */
  readonly said: Phrase;
  /** What it costs at the far end of this part, on diameter. */
  readonly cost: Figure;
  /** The right figure, as it would be typed. */
  readonly offer: string;
}

/** One suspicion: a family, one file each. Null when there is nothing to say. */
export type Suspicion = (typed: TaperTyped, solved: SolvedTaper) => MixUp | null;
