import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** A try at setting a throw over. */
export interface Thrown {
  readonly kind: 'thrown';
  readonly eccentric: string;
  readonly wanted: number;
  readonly now: number;
  /** From the spindle's axis, null where not read. */
  readonly x: number | null;
  readonly y: number | null;
  readonly inside: boolean;
}

export const thrown: KindOfRecord<Thrown> = {
  kind: 'thrown',
  called: 'Throws read',
  say: (body) => [
    'Throw stood at ',
    length(body.now, SEEN),
    ', wanted ',
    length(body.wanted, SEEN),
    body.inside ? ': right' : ': more to do',
  ],
};
