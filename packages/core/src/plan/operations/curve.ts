import { length } from '../../figure/figure';
import { isPlunged } from '../piece/ways';
import { impossible } from '../piece/line';
import { holeNow } from './hole';
import { onFeatures } from './onFeatures';

export const curve = onFeatures({
  kind: 'curve',
  name: 'Curve',
  loop: true,
  works: [{ kind: 'profile' }],
  before: [
    'Cloth in a strip held to tear away, never wrapped round.',
    'A file has a handle, and the left arm stays clear of the jaws.',
  ],
  rank: () => 110,
  needed: (laid, section) => !isPlunged(laid, section),
  wrong: (moment, section) =>
    section.side === 'internal' && holeNow(moment, section) === 0
      ? [impossible('no-hole', ['There is no hole yet to cut this curve in.'])]
      : [],
  say: (_laid, section) => [
    `Turn ${section.feature.name} by its steps, then to the line, `,
    length(section.z1 - section.z0, 0.1),
    ' long',
  ],
  card: () => ({ kind: 'shape' }),
  tools: () => [['Round-nosed tool'], ['Template'], ['File with a handle, cloth in strips']],
  minutes: (_laid, section) => 15 + (section.z1 - section.z0) / 2,
});
