import { notNegative, positive } from '../../basics/check';
import { AnelloError } from '../../basics/error';
import { length } from '../../figure/figure';
import type { Maybe } from './base';
import { countedFrom, given, outsideAt, type DetailBase } from './detail';
import type { DetailKind } from './kind';

/** A hole square to the axis: for a pin, a set-screw, oil. */
export interface CrossHole extends DetailBase {
  readonly kind: 'cross-hole';
  readonly diameter?: Maybe;
  /** Of its middle, from the part's face at its end. */
  readonly place?: Maybe;
  /** From the outside; through both walls where it is not said. */
  readonly depth?: Maybe;
  /** Round the axis from the drawing's zero, rad. */
  readonly phase?: Maybe;
  /** Of a tapped one, its thread. */
  readonly designation?: string | undefined;
}

export const crossHole: DetailKind<CrossHole> = {
  kind: 'cross-hole',
  name: 'Cross hole',
  inJaws: 'off-centre',
  sides: ['external'],
  figures: [
    { key: 'diameter', label: 'Diameter' },
    { key: 'place', label: 'From that face' },
    { key: 'depth', label: 'Depth, else through' },
    { key: 'phase', label: 'Round the axis at', dimension: 'angle' },
  ],
  detail: { onFeature: false, end: 'Counted from the face at', drawn: 'hole' },
  begins: {},
  lies(feature, ground) {
    const diameter = positive(
      given(feature.diameter, 'diameter', 'the diameter'),
      'diameter',
      'The diameter',
    );
    const place = notNegative(given(feature.place, 'place', 'where it lies'), 'place', 'The distance');
    if (place > ground.length)
      throw new AnelloError('impossible', 'place', [
        'The part is only ',
        length(ground.length, 0.01),
        ' long.',
      ]);
    const z = countedFrom(feature.at, place, ground.length);
    const radius = outsideAt(ground, z);
    if (diameter >= 2 * radius)
      throw new AnelloError('impossible', 'diameter', [
        'The part is ',
        length(2 * radius, 0.01),
        ' across there: such a hole cuts it in two.',
      ]);
    const nearest = Math.min(place, ground.length - place);
    if (nearest < diameter / 2)
      throw new AnelloError('impossible', 'place', [
        'Its middle is ',
        length(nearest, 0.01),
        ' from a face, and the hole ',
        length(diameter, 0.01),
        ' wide: it breaks out of it.',
      ]);
    if (feature.depth !== undefined && positive(feature.depth, 'depth', 'The depth') > 2 * radius)
      throw new AnelloError('impossible', 'depth', [
        'The part is only ',
        length(2 * radius, 0.01),
        ' thick there.',
      ]);
    return {
      side: 'external',
      from: feature.at,
      offset: 0,
      outside: radius,
      z0: z - diameter / 2,
      z1: z + diameter / 2,
      points: [
        { z: z - diameter / 2, r: radius },
        { z: z + diameter / 2, r: radius },
      ],
    };
  },
  summary: ({ diameter, designation }) =>
    designation ? [designation] : diameter === undefined ? [] : ['⌀', length(diameter, 0.01)],
};
