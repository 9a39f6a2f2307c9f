import { length } from '../../figure/figure';
import { opensInFace } from '../piece/laid';
import { impossible, risk } from '../piece/line';
import { TAP_SLACK } from '../piece/usual';
import { threadBore, isTapped } from './sizes';
import { holeNow } from './hole';
import { threadCard } from './threadCard';
import { threadName } from './threadName';
import { onFeatures } from './onFeatures';

export const tap = onFeatures({
  kind: 'tap',
  name: 'Tap',
  works: [{ kind: 'thread', side: 'internal' }],
  before: [
    'By hand or the slowest speed, the tailstock loose on the bed.',
    'Oil, and back it off to break the chip.',
  ],
  rank: () => 50,
  fromTailstock: () => true,
  needed: (_laid, section) => isTapped(section),
  wrong(moment, section) {
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
  say: (_laid, section, moment) => [
    `Tap ${threadName(section) ?? section.feature.name}, `,
    length(section.z1 - section.z0, 0.1),
    ' of full thread, from a hole of ',
    length(2 * holeNow(moment, section), 0.01),
  ],
  card: (_laid, section) => threadCard(section),
  tools: (_laid, section) => [[`Taps ${threadName(section) ?? section.feature.name}, and their holder`]],
  minutes: () => 5,
});
