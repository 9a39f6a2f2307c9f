import { AnelloError } from '../../basics/error';
import { length } from '../../figure/figure';
import { MM_PER_INCH } from '../../figure/format';
import { fractionBehind, fractionText } from '../../taper/mixups/roundedFraction';
import type { SuspectFigure } from '../suspect';
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

/** The travel is twice the throw, and so is what a rounding costs in it. */
const TRAVEL = 2;

function mixUps({ throw: mm }: Eccentric): SuspectFigure[] {
  const fraction = mm === undefined ? null : fractionBehind(mm);
  if (mm === undefined || !fraction) return [];
  return [
    {
      key: 'throw',
      said: [length(mm, 0.0254, { system: 'inch' }), ` looks like ${fractionText(fraction)} rounded off.`],
      cost: length(TRAVEL * Math.abs(fraction.inches * MM_PER_INCH - mm), 0.0001),
      where: 'in the finished travel, which is twice the throw',
      offer: fractionText(fraction),
      dimension: 'length',
    },
  ];
}

export const eccentric: LengthKind<Eccentric> = {
  kind: 'eccentric',
  name: 'Eccentric',
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
  mixUps,
};
