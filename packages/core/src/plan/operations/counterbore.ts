import { length } from '../../figure/figure';
import { impossible, risk } from '../piece/line';
import { opensInFace } from '../piece/laid';
import { isTapped } from './sizes';
import { holeNow } from './hole';
import { PLAIN, type KindOfOperation } from './kind';

const CLEAR_OF_CREST = 0.5;

export const counterbore: KindOfOperation = {
  ...PLAIN,
  kind: 'counterbore',
  name: 'Counterbore',
  on: 'features',
  works: [
    { kind: 'thread', side: 'internal' },
    { kind: 'bore', side: 'internal' },
  ],
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
  // Its mark is kept at the operation: the mouth it opens is less than a thread deep and not on the drawing.
  say: (_laid, section) =>
    section
      ? [
          'Counterbore ',
          length(2 * section.largest + CLEAR_OF_CREST, 0.1),
          ', a thread deep, so that a bruised mouth never reaches the first thread',
        ]
      : ['Counterbore'],
  minutes: () => 2,
};
