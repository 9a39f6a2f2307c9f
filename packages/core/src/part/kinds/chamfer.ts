import { positive } from '../../basics/check';
import { AnelloError } from '../../basics/error';
import { count, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Maybe } from './base';
import { atCorner } from './corner';
import { given, type DetailBase } from './detail';
import type { DetailKind } from './kind';

/** A corner cut away straight. */
export interface Chamfer extends DetailBase {
  readonly kind: 'chamfer';
  /** How much of the length it takes. */
  readonly size?: Maybe;
  /** Angle to the axis, rad; 45° where it is not said. */
  readonly angle?: Maybe;
}

export const HALF_SQUARE = Math.PI / 4;

const DEGREE = Math.PI / 180;
const TENTH = 0.1;

/** A chamfer as a drawing writes it: 1.00 × 45°. */
export function sayChamfer({ size, angle: slope = HALF_SQUARE }: Pick<Chamfer, 'size' | 'angle'>): Phrase {
  const degrees = slope / DEGREE;
  const whole = Math.abs(degrees - Math.round(degrees)) < TENTH / 2;
  return size === undefined ? [] : [length(size, 0.01), ' × ', count(degrees, whole ? 1 : TENTH), '°'];
}

export const chamfer: DetailKind<Chamfer> = {
  kind: 'chamfer',
  name: 'Chamfer',
  sides: ['external'],
  figures: [
    { key: 'size', label: 'Along the axis' },
    { key: 'angle', label: 'Angle to the axis, else 45°', dimension: 'angle' },
  ],
  detail: { onFeature: true, end: 'Its corner toward', drawn: 'corner' },
  begins: {},
  lies(feature, ground) {
    const size = positive(given(feature.size, 'size', 'how much it takes'), 'size', 'The chamfer');
    const slope = feature.angle ?? HALF_SQUARE;
    if (slope <= 0 || slope >= Math.PI / 2)
      throw new AnelloError('out-of-range', 'angle', 'The angle to the axis lies between 0 and 90°.');
    return atCorner(feature, ground, 'size', ({ point, along, face, standsOut }) => {
      if (!standsOut)
        throw new AnelloError(
          'impossible',
          'at',
          'That is a corner between two walls: there is nothing to chamfer. A corner radius fills it.',
        );
      const on = size / Math.abs(along.z);
      return [
        { z: point.z + on * along.z, r: point.r + on * along.r },
        { z: point.z, r: point.r + face * size * Math.tan(slope) },
      ];
    });
  },
  summary: sayChamfer,
};
