import { length } from '../../figure/figure';
import { impossible, risk } from '../piece/line';
import { opensInFace } from '../piece/laid';
import { holeOf, isTapped } from './sizes';
import { holeNow } from './hole';
import { figures, shown } from './card';
import { onFeatures } from './onFeatures';

export const counterbore = onFeatures({
  kind: 'counterbore',
  name: 'Counterbore',
  works: [{ kind: 'thread', side: 'internal' }],
  touchesUp: true,
  finishes: () => false,
  before: ['Square to the hole and slow: it marks where it starts.'],
  rank: () => 20,
  fromTailstock: () => true,
  needed: (laid, section) => isTapped(section) && opensInFace(laid, section),
  wrong(moment, section) {
    if (moment.piece.done.has(section.id))
      return [risk('hole-spoiled', ['A counterbore after the tap leaves a burr in the first thread.'])];
    return holeNow(moment, section) > 0
      ? []
      : [impossible('no-hole', ['A counterbore follows a hole, and there is none yet.'])];
  },
  // The mouth it opens is not on the drawing: the piece remembers that it was opened.
  after: ({ piece }, section) => ({ ...piece, opened: new Set([...piece.opened, section.id]) }),
  say(laid, section) {
    const { counterbore: mouth } = holeOf(laid, section);
    return [
      'Counterbore ',
      length(mouth.diameter, 0.1),
      ', ',
      length(mouth.depth, 0.1),
      ' deep, so that a bruised mouth never reaches the first thread',
    ];
  },
  card(laid, section) {
    const { counterbore: mouth } = holeOf(laid, section);
    return figures([shown('Counterbore, diameter', mouth.diameter), shown('Depth', mouth.depth)]);
  },
  tools: (laid, section) => [
    ['Counterbore or boring tool, ', length(holeOf(laid, section).counterbore.diameter, 0.1)],
  ],
  minutes: () => 2,
});
