import type { Base, Maybe } from './base';
import { DIAMETER, LENGTH, type LengthKind } from './kind';
import { straight } from './straight';

/** A narrow place to a diameter of its own. */
export interface Groove extends Base {
  readonly kind: 'groove';
  /** Diameter at the groove's bottom. */
  readonly diameter?: Maybe;
  readonly length?: Maybe;
}

export const groove: LengthKind<Groove> = {
  kind: 'groove',
  name: 'Groove',
  measured: 'diameter',
  sides: ['external', 'internal'],
  figures: [
    { ...DIAMETER, label: 'Diameter at the bottom' },
    { ...LENGTH, label: 'Width' },
  ],
  begins: {},
  outline: straight,
};
