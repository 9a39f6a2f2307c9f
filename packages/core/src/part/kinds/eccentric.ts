import { AnelloError } from '../../basics/error';
import { throwOf } from '../throwOf';
import type { Base, Maybe } from './base';
import { DIAMETER, LENGTH, type LengthKind } from './kind';
import type { Outline, OutlinePoint } from './outline';
import { straight } from './straight';

/** A diameter on an axis of its own, beside the spindle's. */
export interface Eccentric extends Base {
  readonly kind: 'eccentric';
  readonly diameter?: Maybe;
  readonly length?: Maybe;
  /** Distance between the two axes. */
  readonly throw?: Maybe;
  /** The whole stroke, twice the throw: either may be given. */
  readonly travel?: Maybe;
  /** Grooves round it; one without a place is centred on the width. */
  readonly grooves?:
    readonly { readonly at?: Maybe; readonly width?: Maybe; readonly depth?: Maybe }[] | undefined;
  /** Angle of the high side from the drawing's zero, rad. */
  readonly phase?: Maybe;
}

function outline(feature: Eccentric): Outline {
  const shape = straight(feature);
  const e = throwOf(feature);
  if (e >= (shape.points[0] as OutlinePoint).r) {
    throw new AnelloError(
      'impossible',
      'throw',
      'A throw larger than the radius leaves the spindle axis outside the eccentric.',
    );
  }
  return { ...shape, offset: e * Math.cos(feature.phase ?? 0) };
}

export const eccentric: LengthKind<Eccentric> = {
  kind: 'eccentric',
  name: 'Eccentric',
  heldBy: true,
  sides: ['external', 'internal'],
  figures: [
    DIAMETER,
    LENGTH,
    { key: 'throw', label: 'Throw' },
    { key: 'travel', label: 'or the whole travel' },
    { key: 'phase', label: 'High side at', dimension: 'angle' },
  ],
  begins: {},
  chief: 2,
  needs: 'The eccentric needs a diameter, a length and a throw that agree before it can be worked out.',
  outline,
};
