import { notNegative, positive } from '../../basics/check';
import { AnelloError } from '../../basics/error';
import { count as countFigure, length } from '../../figure/figure';
import type { Maybe } from './base';
import { given, hostOf, type DetailBase } from './detail';
import type { DetailKind } from './kind';
import { USUAL_FLATS } from '../usual';

/** Flats round a length of an outside feature: two for a spanner, four or six for a square or a hexagon. */
export interface Flats extends DetailBase {
  readonly kind: 'flats';
  /** How many, evenly round; two where it is not said. */
  readonly count?: Maybe;
  /** Across two that lie opposite; of an odd number, twice a flat's distance from the axis. */
  readonly across?: Maybe;
  /** How far along, to the feature's other end where it is not said; and how far in from its own end they begin. */
  readonly length?: Maybe;
  readonly start?: Maybe;
}

const MOST_FLATS = 12;

export const flats: DetailKind<Flats> = {
  kind: 'flats',
  name: 'Flats or hexagon',
  inJaws: 'off-centre',
  measured: 'across',
  sides: ['external'],
  figures: [
    { key: 'across', label: 'Across the flats' },
    { key: 'count', label: 'How many, else 2', dimension: 'number' },
    { key: 'length', label: 'Length, else all of it' },
    { key: 'start', label: 'In from that end' },
  ],
  detail: { onFeature: true, end: 'Counted from its end toward', drawn: 'flat' },
  begins: {},
  lies(feature, ground) {
    const host = hostOf(feature, ground);
    if (host.side !== 'external')
      throw new AnelloError('impossible', 'on', 'Flats lie on the outside: say an outside feature.');
    const across = positive(given(feature.across, 'across', 'the measure across the flats'), 'across', 'It');
    const count = feature.count ?? USUAL_FLATS;
    if (!Number.isInteger(count) || count < 1 || count > MOST_FLATS)
      throw new AnelloError('out-of-range', 'count', `Say a whole number of flats, up to ${MOST_FLATS}.`);
    const smallest = Math.min(...host.points.map((p) => p.r));
    if (across / 2 >= smallest)
      throw new AnelloError('impossible', 'across', [
        'The feature is ',
        length(2 * smallest, 0.01),
        ' there: nothing is cut.',
      ]);
    const whole = host.z1 - host.z0;
    const start = notNegative(feature.start ?? 0, 'start', 'How far in they begin');
    const long =
      feature.length === undefined ? whole - start : positive(feature.length, 'length', 'The length');
    if (long <= 0 || start + long > whole + SAME)
      throw new AnelloError('impossible', feature.length === undefined ? 'start' : 'length', [
        'The feature is only ',
        length(whole, 0.01),
        ' long.',
      ]);
    const z0 = feature.at === 'headstock' ? host.z0 + start : host.z1 - start - long;
    const { from, offset, side } = host;
    return {
      side,
      from,
      offset,
      outside: Math.max(...host.points.map((p) => p.r)),
      z0,
      z1: z0 + long,
      points: [
        { z: z0, r: across / 2 },
        { z: z0 + long, r: across / 2 },
      ],
    };
  },
  summary: ({ across, count = USUAL_FLATS }) =>
    across === undefined ? [] : [countFigure(count), ' × ', length(across, 0.01), ' across'],
};
const SAME = 1e-6;
