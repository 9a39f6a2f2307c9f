/** What became of one piece on one hidden lathe. */
export interface Ended {
  /** In tolerance when it was said to be done, at the first. */
  readonly right: boolean;
  /** Metal gone that was wanted: past the far edge of what may be. */
  readonly past: boolean;
  /** Not to be used as it is, nor to be made right on this lathe any more. */
  readonly scrap: boolean;
  /** Trial cuts, or rounds of the jaws. */
  readonly trials: number;
  readonly minutes: number;
}

/** A sort of work, done by two hands: one that follows the cards and nothing else, one that works as the trade does without. */
export interface Work {
  readonly id: string;
  readonly title: string;
  byCards(seed: number): Ended;
  byTrade(seed: number): Ended;
}
