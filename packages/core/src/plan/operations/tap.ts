import { length } from '../../figure/figure';
import { opensInFace } from '../piece/laid';
import { impossible, risk } from '../piece/line';
import { finished } from '../piece/piece';
import { TAP_SLACK } from '../piece/usual';
import { threadBore, isTapped } from './sizes';
import { holeNow } from './hole';
import { figures } from './card';
import { threadCard } from './threadCard';
import { threadName } from './threadName';
import { PLAIN, type KindOfOperation } from './kind';

export const tap: KindOfOperation = {
  ...PLAIN,
  kind: 'tap',
  name: 'Tap',
  on: 'features',
  works: [{ kind: 'thread', side: 'internal' }],
  before: [
    'By hand or the slowest speed, the tailstock loose on the bed.',
    'Oil, and back it off to break the chip.',
  ],
  rank: () => 50,
  fromTailstock: () => true,
  needed: (_laid, section) => isTapped(section),
  finishes: () => true,
  wrong(moment, section) {
    if (!section) return [];
    if (holeNow(moment, section) === 0)
      return [impossible('no-hole', ['A tap follows its drill, and there is no hole yet.'])];
    const { laid, opened } = moment.piece;
    const size = threadBore(laid, section);
    if (2 * holeNow(moment, section) < size - TAP_SLACK)
      return [
        impossible('no-hole', [
          'The hole there is ',
          length(2 * holeNow(moment, section), 0.01),
          ': the tap wants ',
          length(size, 0.01),
          ', and breaks in less.',
        ]),
      ];
    return !opensInFace(laid, section) || opened.has(section.id)
      ? []
      : [risk('no-counterbore', ['Without a counterbore a bruised mouth reaches the first thread.'])];
  },
  after: ({ piece, holding }, section) => (section ? finished(piece, [section.id], holding.id) : piece),
  say: (_laid, section, moment) =>
    section
      ? [
          `Tap ${threadName(section) ?? section.feature.name}, `,
          length(section.z1 - section.z0, 0.1),
          ' of full thread, from a hole of ',
          length(2 * holeNow(moment, section), 0.01),
        ]
      : ['Tap'],
  card: (_laid, section) => (section ? threadCard(section) : figures([])),
  tools: (_laid, section) =>
    section ? [[`Taps ${threadName(section) ?? section.feature.name}, and their holder`]] : [],
  minutes: () => 5,
};
