import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** A figure of a feature as it was measured, with what it may be; mm. */
export interface Sized {
  readonly kind: 'sized';
  /** Which of its figures: "Collar, diameter". */
  readonly what: string;
  readonly seen: number;
  readonly low: number;
  readonly high: number;
  readonly typed: string;
}

export const sized: KindOfRecord<Sized> = {
  kind: 'sized',
  say: ({ what, seen, low, high }) => [
    `${what} `,
    length(seen, SEEN),
    ', may be ',
    length(low, SEEN),
    ' to ',
    length(high, SEEN),
  ],
};
