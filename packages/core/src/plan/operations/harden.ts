import { count } from '../../figure/figure';
import { risk } from '../piece/line';
import { figures } from './card';
import { PLAIN, type KindOfOperation } from './kind';
import { HARD_BAND } from '../piece/usual';

export const harden: KindOfOperation = {
  ...PLAIN,
  kind: 'harden',
  name: 'Harden',
  on: 'piece',
  cuts: false,
  away: true,
  leavesIt: 'hard',
  before: [
    'Hot work: visor, gloves, nothing that burns near; oil quench outdoors or under a hood.',
    'Hung by its end, quenched straight down: laid flat it bends.',
  ],
  rank: () => 145,
  wrong: ({ piece }) =>
    piece.laid.details
      .filter((d) => !piece.done.has(d.id))
      .map((d) =>
        risk('hard-already', [`${d.feature.name} is not made yet, and nothing cuts it once it is hard.`]),
      ),
  say: ({ part: { harden: hrc } }) => [
    'Harden',
    ...(hrc === undefined ? [] : [' and temper to ', count(hrc, 0.5), ' HRC']),
    ', and clean; what is to fit is ground or lapped after',
  ],
  card: ({ part: { harden: hrc } }) =>
    figures(
      hrc === undefined ? [] : [{ label: 'Hardness, HRC', figure: count(hrc, 0.5) }],
      hrc === undefined
        ? []
        : [{ what: 'Hardness, HRC', least: hrc - HARD_BAND, most: hrc + HARD_BAND, unit: 'HRC' }],
      [
        [
          'Heat, soak, quench and temper as the steel’s maker says; the figures are the steel’s, not the shop’s.',
        ],
        [
          'It grows and moves: a taper is tried in its gauge again, and ground or lapped where it no longer fits.',
        ],
      ],
    ),
  minutes: () => 90,
};
