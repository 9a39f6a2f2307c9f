import { length } from '../../figure/figure';
import { isPlunged } from '../piece/ways';
import { impossible } from '../piece/line';
import { finished } from '../piece/piece';
import { holeNow } from './hole';
import { PLAIN, type KindOfOperation } from './kind';

export const curve: KindOfOperation = {
  ...PLAIN,
  kind: 'curve',
  name: 'Curve',
  on: 'features',
  loop: true,
  works: [{ kind: 'profile' }],
  before: [
    'Cloth in a strip held to tear away, never wrapped round.',
    'A file has a handle, and the left arm stays clear of the jaws.',
  ],
  rank: () => 110,
  needed: (laid, section) => !isPlunged(laid, section),
  finishes: () => true,
  wrong: (moment, section) =>
    section?.side === 'internal' && holeNow(moment, section) === 0
      ? [impossible('no-hole', ['There is no hole yet to cut this curve in.'])]
      : [],
  after: ({ piece, holding }, section) => (section ? finished(piece, [section.id], holding.id) : piece),
  say: (_laid, section) =>
    section
      ? [
          `Turn ${section.feature.name} by its steps, then to the line, `,
          length(section.z1 - section.z0, 0.1),
          ' long',
        ]
      : ['Curve'],
  card: () => ({ kind: 'shape' }),
  tools: () => [['Round-nosed tool'], ['Template'], ['File with a handle, cloth in strips']],
  minutes: (_laid, section) => 15 + (section ? (section.z1 - section.z0) / 2 : 0),
};
