import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { SEEN, type KindOfRecord } from './kind';

/** A cut taken, by the dial. */
export interface Pass {
  readonly kind: 'pass';
  readonly dialFrom: number;
  readonly dialTo: number;
  readonly planned: number | null;
  readonly depth: number;
  readonly typed: string;
}

export const pass: KindOfRecord<Pass> = {
  kind: 'pass',
  called: 'Passes',
  stage: 'cut',
  ofTheCut: true,
  say(body) {
    if (body.depth < 0) return ['Drawn back to ', length(body.dialTo, SEEN), ' on the dial'];
    return body.depth === 0
      ? ['Once more at ', length(body.dialTo, SEEN), ' on the dial, nothing fed in']
      : cutTo(body);
  },
};

const cutTo = (body: Pass): Phrase => [
  'Cut to ',
  length(body.dialTo, SEEN),
  ' on the dial, ',
  length(body.depth, SEEN),
  ' on radius',
  ...(body.planned !== null && Math.abs(body.planned - body.dialTo) > 1e-9
    ? [', planned ', length(body.planned, SEEN)]
    : []),
];
