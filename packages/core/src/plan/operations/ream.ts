import { length } from '../../figure/figure';
import { impossible } from '../piece/line';
import { finished } from '../piece/piece';
import { depthOf, drillMakesIt, reamerFor } from './sizes';
import { holeNow } from './hole';
import { figures, shown } from './card';
import { diameterMeasure } from './measures';
import { sizeSaid } from './sizeSaid';
import { PLAIN, type KindOfOperation } from './kind';

export const ream: KindOfOperation = {
  ...PLAIN,
  kind: 'ream',
  name: 'Ream',
  on: 'features',
  works: [{ kind: 'bore', side: 'internal' }],
  before: ['Never turned backwards.', 'Slow, with plenty of oil.'],
  rank: () => 40,
  fromTailstock: () => true,
  needed: (laid, section) => reamerFor(laid, section) !== null && !drillMakesIt(laid, section),
  finishes: () => true,
  wrong: (moment, section) =>
    section && holeNow(moment, section) === 0
      ? [impossible('no-hole', ['A reamer follows a hole, and there is none yet.'])]
      : [],
  after: ({ piece, holding }, section) => (section ? finished(piece, [section.id], holding.id) : piece),
  say: (laid, section) =>
    section ? ['Ream ', ...sizeSaid(section), ', ', length(depthOf(laid, section), 0.1), ' deep'] : ['Ream'],
  card: (laid, section) =>
    section
      ? figures(
          [shown('Reamer', 2 * section.largest), shown('Depth', depthOf(laid, section))],
          [diameterMeasure(section)],
        )
      : figures([]),
  tools: (_laid, section) => (section ? [['Reamer ', length(2 * section.largest, 0.01)]] : []),
  minutes: () => 3,
};
