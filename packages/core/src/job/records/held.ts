import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** Work dialled in, in the four-jaw. */
export interface Held {
  readonly kind: 'held';
  /** At jaws 1 to 4, null where not read. */
  readonly readings: readonly (number | null)[];
  readonly limit: number;
  readonly swing: number;
  readonly inside: boolean;
}

export const held: KindOfRecord<Held> = {
  kind: 'held',
  called: 'Work dialled in',
  say: (body) => [
    'Held in the four-jaw: swings ',
    length(body.swing, SEEN),
    body.inside ? ', true enough' : ', more to do',
  ],
};
