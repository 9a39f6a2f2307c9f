import type { Base, Maybe } from './base';
import { DIAMETER, LENGTH, type LengthKind } from './kind';
import { straight } from './straight';

/** One diameter along. */
export interface Cylinder extends Base {
  readonly kind: 'cylinder';
  readonly diameter?: Maybe;
  readonly length?: Maybe;
}

export const cylinder: LengthKind<Cylinder> = {
  kind: 'cylinder',
  name: 'Cylinder',
  measured: 'diameter',
  runsTrue: true,
  heldBy: true,
  sides: ['external', 'internal'],
  figures: [DIAMETER, LENGTH],
  begins: {},
  outline: straight,
};
