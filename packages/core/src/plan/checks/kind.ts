import type { Phrase } from '../../figure/phrase';
import type { KindOfOperation, Moment } from '../operations/kind';
import type { Placed } from '../piece/laid';
import type { Way } from '../../ways/taper/way';

/** An operation about to be started: what it is, on what, by which way, and how the piece stands. */
export interface Start {
  readonly kind: KindOfOperation;
  readonly moment: Moment;
  readonly section: Placed | null;
  /** Whether nothing at the lathe was done in this holding before it. */
  readonly first: boolean;
  /** Of a taper, the way it is made. */
  readonly way: Way | null;
}

/** Something a good hand looks at before starting, where it applies: a family by what is looked at, one file each. */
export interface Check {
  readonly id: string;
  /** What is to be looked at; null where it does not apply. */
  say(start: Start): Phrase | null;
}
