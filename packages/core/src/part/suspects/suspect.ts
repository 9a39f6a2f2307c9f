import type { Figure } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';

/** A figure of a feature that looks like a slip, what it costs and where, and the figure to put in its place. */
export interface SuspectFigure {
  readonly key: string;
  readonly said: Phrase;
  /** On diameter, or in the finished travel. */
  readonly cost: Figure;
  readonly where: string;
  readonly offer: string;
  readonly dimension: 'length' | 'angle' | 'taper';
}
