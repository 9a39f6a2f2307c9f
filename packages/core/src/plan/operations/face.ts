import { impossible } from '../piece/line';
import { MOST_FACED } from '../piece/usual';
import { length } from '../../figure/figure';
import { kindOfHolding } from '../holdings/registry';
import { PLAIN, type KindOfOperation } from './kind';

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
    end !== undefined && piece.faced.size > 0 && !piece.faced.has(end)
      ? [`Face the ${end} end to `, length(whole, 0.01), ' over all']
      : [`Face the ${end ?? ''} end clean; lengths are measured from it`],
  minutes: () => 3,
};
