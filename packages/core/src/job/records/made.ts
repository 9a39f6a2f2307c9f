import { MADE, type MadeBasis, type MadeId } from '../../eccentric/made';
import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** Something made of an eccentric, with the figures it was made to. */
export interface Made {
  readonly kind: 'made';
  readonly eccentric: string;
  readonly what: MadeId;
  readonly basis: MadeBasis;
}

export const made: KindOfRecord<Made> = {
  kind: 'made',
  called: 'What was made of an eccentric',
  say: (body) => [MADE[body.what], ' at a throw of ', length(body.basis.throw, SEEN)],
};
