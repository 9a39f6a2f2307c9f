import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** The gap along the joint of a plug and its socket, with the shift and the room that explain it. mm. */
export interface Joint {
  readonly kind: 'joint';
  readonly places: number;
  readonly clearance: number;
  readonly least: number;
  readonly at: number;
  readonly most: number;
  readonly shift: number;
  readonly room: number;
}

export const joint: KindOfRecord<Joint> = {
  kind: 'joint',
  called: 'Joints measured',
  ofTheCut: true,
  say: (body) => [
    `Joint measured at ${body.places} places: gap `,
    length(body.least, SEEN),
    ' to ',
    length(body.most, SEEN),
    ', tightest ',
    length(body.at, 0.1),
    ' along',
  ],
};
