import { length } from '../../figure/figure';
import { MM_PER_INCH } from '../../figure/format';
import { fractionBehind, fractionText } from '../../taper/mixups/roundedFraction';
import type { Eccentric } from '../kinds/eccentric';
import type { SuspectFigure } from './suspect';

/** The travel is twice the throw, and so is what a rounding costs in it. */
const TRAVEL = 2;

export function ofEccentric({ throw: mm }: Eccentric): SuspectFigure[] {
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
