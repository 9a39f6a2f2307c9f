import { positive } from '../../basics/check';
import { AnelloError } from '../../basics/error';
import { length } from '../../figure/figure';
import type { Maybe } from './base';
import { given, type DetailBase } from './detail';
import type { DetailKind } from './kind';

/** A tang: two flats at an end of the part, that a drift pushes out by. */
export interface Tang extends DetailBase {
  readonly kind: 'tang';
  readonly thickness?: Maybe;
  readonly length?: Maybe;
  /** Of the cutter that runs out at its root. */
  readonly radius?: Maybe;
}

export const tang: DetailKind<Tang> = {
  kind: 'tang',
  name: 'Tang',
  inJaws: 'off-centre',
  measured: 'across',
  sides: ['external'],
  figures: [
    { key: 'thickness', label: 'Thickness' },
    { key: 'length', label: 'Length' },
    { key: 'radius', label: 'Cutter’s radius at the root' },
  ],
  detail: { onFeature: false, end: 'At the end toward', drawn: 'flat' },
  begins: {},
  lies(feature, { outside, length: whole }) {
    const thick = positive(
      given(feature.thickness, 'thickness', 'the thickness'),
      'thickness',
      'The thickness',
    );
    const long = positive(given(feature.length, 'length', 'the length'), 'length', 'The length');
    if (feature.radius !== undefined) positive(feature.radius, 'radius', 'The radius');
    if (long > whole)
      throw new AnelloError('impossible', 'length', ['The part is only ', length(whole, 0.01), ' long.']);
    const end = feature.at === 'headstock' ? outside[0] : outside.at(-1);
    const face = (feature.at === 'headstock' ? end?.points[0] : end?.points.at(-1))?.r ?? 0;
    if (thick / 2 >= face)
      throw new AnelloError('impossible', 'thickness', [
        'The part is ',
        length(2 * face, 0.01),
        ' at that end: nothing is cut.',
      ]);
    const z0 = feature.at === 'headstock' ? 0 : whole - long;
    return {
      side: 'external',
      from: feature.at,
      offset: 0,
      outside: face,
      z0,
      z1: z0 + long,
      points: [
        { z: z0, r: thick / 2 },
        { z: z0 + long, r: thick / 2 },
      ],
    };
  },
  summary: ({ thickness, length: long }) =>
    thickness === undefined || long === undefined
      ? []
      : [length(thickness, 0.01), ' thick × ', length(long, 0.01)],
};
