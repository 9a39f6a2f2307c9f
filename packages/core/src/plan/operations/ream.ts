import { length } from '../../figure/figure';
import { impossible } from '../piece/line';
import { depthOf, drillMakesIt, reamerFor } from './sizes';
import { holeNow } from './hole';
import { figures, shown } from './card';
import { diameterMeasure } from './measures';
import { sizeSaid } from './sizeSaid';
import { onFeatures } from './onFeatures';

export const ream = onFeatures({
  kind: 'ream',
  name: 'Ream',
  works: [{ kind: 'bore', side: 'internal' }],
  before: ['Never turned backwards.', 'Slow, with plenty of oil.'],
  rank: () => 40,
  fromTailstock: () => true,
  needed: (laid, section) => reamerFor(laid, section) !== null && !drillMakesIt(laid, section),
  wrong: (moment, section) =>
    holeNow(moment, section) === 0
      ? [impossible('no-hole', ['A reamer follows a hole, and there is none yet.'])]
      : [],
  say: (laid, section) => ['Ream ', ...sizeSaid(section), ', ', length(depthOf(laid, section), 0.1), ' deep'],
  card: (laid, section) =>
    figures(
      [shown('Reamer', 2 * section.largest), shown('Depth', depthOf(laid, section))],
      [diameterMeasure(section)],
    ),
  tools: (_laid, section) => [['Reamer ', length(2 * section.largest, 0.01)]],
  minutes: () => 3,
});
