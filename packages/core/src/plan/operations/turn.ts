import { leftAsBar } from '../piece/laid';
import { finished, turnedDown } from '../piece/piece';
import { SAME } from '../piece/usual';
import { cuttingMinutes, sayOver, saySpeed } from './speed';
import { PLAIN, type KindOfOperation } from './kind';

export const turn: KindOfOperation = {
  ...PLAIN,
  kind: 'turn',
  name: 'Turn',
  on: 'features',
  works: [
    { kind: 'cylinder', side: 'external' },
    { kind: 'thread', side: 'external' },
  ],
  before: ['Swing it round by hand: jaws and carrier clear of the slide.'],
  rank: () => 70,
  needed: (laid, section) =>
    section.side === 'external' &&
    ((section.kind === 'cylinder' && !leftAsBar(laid, section)) ||
      (section.kind === 'thread' && section.largest < laid.barRadius - SAME)),
  finishes: (_laid, section) => section.kind === 'cylinder',
  after({ piece, holding }, section) {
    if (!section) return piece;
    const down = turnedDown(piece, section, section.largest);
    return section.kind === 'cylinder' ? finished(down, [section.id], holding.id) : down;
  },
  say: (laid, section) =>
    section
      ? [
          'Turn ',
          ...sayOver(section.largest, section.z1 - section.z0),
          ', ',
          ...saySpeed(laid, 2 * section.largest, { finishing: false }),
        ]
      : ['Turn'],
  minutes: (laid, section) =>
    section ? cuttingMinutes(section.z1 - section.z0, laid.barRadius - section.largest) : 3,
};
