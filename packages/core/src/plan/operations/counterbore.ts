import { length } from '../../figure/figure';
import { impossible, risk } from '../piece/line';
import { opensInFace } from '../piece/laid';
import { holeOf, isTapped } from './sizes';
import { holeNow } from './hole';
import { figures, shown } from './card';
import { PLAIN, type KindOfOperation } from './kind';

export const counterbore: KindOfOperation = {
  ...PLAIN,
  kind: 'counterbore',
  name: 'Counterbore',
  on: 'features',
  works: [{ kind: 'thread', side: 'internal' }],
  touchesUp: true,
  before: ['Square to the hole and slow: it marks where it starts.'],
  rank: () => 20,
  fromTailstock: () => true,
  needed: (laid, section) => isTapped(section) && opensInFace(laid, section),
  wrong(moment, section) {
    if (!section) return [];
    if (moment.piece.done.has(section.id))
      return [risk('hole-spoiled', ['A counterbore after the tap leaves a burr in the first thread.'])];
    return holeNow(moment, section) > 0
      ? []
      : [impossible('no-hole', ['A counterbore follows a hole, and there is none yet.'])];
  },
  // The mouth it opens is not on the drawing: the piece remembers that it was opened.
  after: ({ piece }, section) =>
    section ? { ...piece, opened: new Set([...piece.opened, section.id]) } : piece,
  say(laid, section) {
    if (!section) return ['Counterbore'];
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
    if (!section) return figures([]);
    const { counterbore: mouth } = holeOf(laid, section);
    return figures([shown('Counterbore, diameter', mouth.diameter), shown('Depth', mouth.depth)]);
  },
  tools: (laid, section) =>
    section
      ? [['Counterbore or boring tool, ', length(holeOf(laid, section).counterbore.diameter, 0.1)]]
      : [],
  minutes: () => 2,
};
