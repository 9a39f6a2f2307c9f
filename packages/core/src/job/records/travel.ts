import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** The whole travel read on the finished outside, from its bore. */
export interface Travel {
  readonly kind: 'travel';
  readonly eccentric: string;
  readonly station: 'near' | 'far';
  readonly seen: number;
  readonly wanted: number;
  readonly typed: string;
}

export const travel: KindOfRecord<Travel> = {
  kind: 'travel',
  called: 'Travel of an eccentric',
  ofTheCut: true,
  say: (body) => [
    'Travel at the ',
    body.station,
    ' end ',
    length(body.seen, SEEN),
    ', should be ',
    length(body.wanted, SEEN),
  ],
};
