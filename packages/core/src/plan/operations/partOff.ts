import { length } from '../../figure/figure';
import { kindOfHolding } from '../holdings/registry';
import { other } from '../piece/laid';
import { impossible } from '../piece/line';
import { standsOut } from '../piece/reach';
import { FACING, PARTING_WIDTH } from '../piece/usual';
import { saySpeed } from './speed';
import { PLAIN, type KindOfOperation } from './kind';

export const partOff: KindOfOperation = {
  ...PLAIN,
  kind: 'part-off',
  name: 'Part off',
  on: 'piece',
  leavesIt: 'parted',
  before: [
    'Close to the jaws, carriage locked, slow, with oil.',
    'Stand aside of it, and never catch the piece by hand.',
  ],
  rank: () => 170,
  wrong({ piece, holding }) {
    const at = other(holding.toward);
    const out = standsOut(piece, holding);
    const reaches = out !== null && out >= piece.laid.length + FACING + PARTING_WIDTH;
    if (!kindOfHolding(holding.by).jaws || !reaches || piece.spare[at] < FACING + PARTING_WIDTH)
      return [
        impossible('nothing-to-part', ['There is no bar between the jaws and the part to part it off from.']),
      ];
    return [];
  },
  after({ piece, holding }) {
    return { ...piece, spare: { ...piece.spare, [other(holding.toward)]: FACING } };
  },
  say: (laid, _section, { holding }) => [
    'Part off ',
    length(laid.length + FACING, 0.1),
    ' from the face to the near side of the tool, ',
    length(laid.length + FACING + PARTING_WIDTH, 0.1),
    ' to its far side, ',
    ...saySpeed(laid, 2 * laid.barRadius, { finishing: false, form: true }),
    ...(holding.centre ? ['; the centre drawn back before it breaks through'] : []),
  ],
  card: (laid) => ({
    kind: 'place',
    near: laid.length + FACING,
    far: laid.length + FACING + PARTING_WIDTH,
    from: 2 * laid.barRadius,
    bottom: 2 * laid.holeRadius,
    through: true,
    measures: [],
  }),
  tools: () => [['Parting tool, ', length(PARTING_WIDTH, 0.1), ' wide'] as const],
  minutes: () => 6,
};
