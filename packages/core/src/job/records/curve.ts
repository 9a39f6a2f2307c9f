import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** A curve measured at places and laid on its drawing as well as it goes. */
export interface Curve {
  readonly kind: 'curve';
  readonly places: number;
  /** Furthest off, and where along it. */
  readonly worst: number;
  readonly at: number;
  readonly rms: number;
  readonly limit: number;
  readonly inside: boolean;
}

export const curve: KindOfRecord<Curve> = {
  kind: 'curve',
  called: 'Curves measured',
  ofTheCut: true,
  say: (body) => [
    `Curve measured at ${body.places} places: `,
    length(body.worst, SEEN, { signed: true }),
    ' at the worst, ',
    length(body.at, 0.1),
    ' along',
  ],
};
