import type { Figure } from './figure';
import type { Phrase } from './phrase';

/** One line of "how it is worked": a TeX formula with #0, #1 standing for this job's figures. */
export interface Working {
  readonly tex: string;
  readonly figures: readonly Figure[];
  /** What the line is, or what confusing it would cost. */
  readonly note?: Phrase;
  /** The neighbouring formula people take for it. */
  readonly confusion?: boolean;
}
