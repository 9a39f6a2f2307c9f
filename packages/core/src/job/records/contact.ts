import { CONTACT_NAMES, type Contact as Where } from '../../gauging/contact';
import { length } from '../../figure/figure';
import { SEEN, type KindOfRecord } from './kind';

/** Where marker rubbed off at a try. */
export interface Contact {
  readonly kind: 'contact';
  readonly contact: Where;
  readonly halfAngle: number;
  readonly swing: number | null;
  readonly distance: number | null;
}

export const contact: KindOfRecord<Contact> = {
  kind: 'contact',
  called: 'Marks of blue',
  stage: 'prove',
  ofTheCut: true,
  say: (body) => [
    'Touched ',
    CONTACT_NAMES[body.contact],
    ...(body.swing === null
      ? []
      : [', swung ', length(body.swing, SEEN), ' over ', length(body.distance ?? 0, 0.1)]),
  ],
};
