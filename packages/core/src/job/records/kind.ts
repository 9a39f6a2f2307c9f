import type { Phrase } from '../../figure/phrase';
import type { Stage } from '../stage';

/** A kind of kept row: what it holds is its type, and how it reads is here. */
export interface KindOfRecord<Body extends { readonly kind: string }> {
  readonly kind: Body['kind'];
  /** What such rows are called when they are looked for; none is looked for that only takes another back. */
  readonly called?: string;
  /** The stage of a shape's own loop in which it is kept; the others are read on the record. */
  readonly stage?: Stage;
  /** Kept of a piece that was being cut, or was cut: what comes before it in the line of work is done. */
  readonly ofTheCut?: true;
  /** Said of the piece as a whole: it belongs to no shape, and no work was done by it. */
  readonly beside?: true;
  /** The row in a sentence, its figures left as figures. */
  say(body: Body, row: { readonly piece: number }): Phrase;
}

/** What was seen at the machine is told to a micrometre, mm. */
export const SEEN = 0.001;
