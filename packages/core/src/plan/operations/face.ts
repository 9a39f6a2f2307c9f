import { impossible } from '../piece/line';
import { MOST_FACED } from '../piece/usual';
import { length } from '../../figure/figure';
import { kindOfHolding } from '../holdings/registry';
import type { End } from '../../taper/task';
import type { Piece } from '../piece/piece';
import { figures, shown } from './card';
import { lengthMeasure } from './measures';
import { PLAIN, type KindOfOperation } from './kind';

/** Whether this is the second face, which brings the part to its length. */
const toLength = (piece: Piece, end: End): boolean => piece.faced.size > 0 && !piece.faced.has(end);

export const face: KindOfOperation = {
  ...PLAIN,
  kind: 'face',
  name: 'Face',
  on: 'end',
  before: ['Tool on the centre’s height, or it leaves a pip.', 'Carriage locked.'],
  rank: () => 0,
  wrong({ piece, holding, operation: { end } }) {
    if (end === undefined) return [impossible('not-of-the-part', ['It does not say which end is faced.'])];
    if (end !== holding.toward)
      return [impossible('wrong-end', [`The ${end} face is at the spindle in this holding.`])];
    if (!kindOfHolding(holding.by).faceFree || holding.centre)
      return [impossible('centre-in-the-way', ['The centre stands in the face that is to be cut.'])];
    return piece.spare[end] > MOST_FACED
      ? [impossible('bar-in-the-way', ['The bar still stands on this face: it has to be parted off first.'])]
      : [];
  },
  after({ piece, operation: { end } }) {
    if (end === undefined) return piece;
    return {
      ...piece,
      spare: { ...piece.spare, [end]: 0 },
      faced: new Set([...piece.faced, end]),
    };
  },
  say: ({ length: whole }, _section, { piece, operation: { end } }) =>
    end !== undefined && toLength(piece, end)
      ? [`Face the ${end} end to `, length(whole, 0.01), ' over all']
      : [`Face the ${end ?? ''} end clean; lengths are measured from it`],
  card(laid, _section, { piece, operation: { end } }) {
    if (end === undefined) return figures([]);
    const spare = piece.spare[end];
    return toLength(piece, end)
      ? figures(
          [shown('Length over all', laid.length), shown('Still to face off, by the drawing', spare)],
          [lengthMeasure('Length over all', laid.length)],
        )
      : figures(
          [shown('Face off, about', spare)],
          [],
          [
            [
              'Only until it is clean all over: the carriage is zeroed on this face, and lengths are counted from it.',
            ],
          ],
        );
  },
  tools: () => [['Facing tool'], ['Caliper or depth gauge']],
  minutes: () => 3,
};
