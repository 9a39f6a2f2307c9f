import { farFrom, leftAsBar, type Placed } from '../piece/laid';
import { finished, shapeAt, turnedDown } from '../piece/piece';
import { figures } from './card';
import { diameterMeasure } from './measures';
import { SAME } from '../piece/usual';
import { cuttingMinutes, sayOver, saySpeed } from './speed';
import { threadCrest } from './threadCrest';
import { PLAIN, type KindOfOperation } from './kind';

/** What it is turned to: a cylinder to its limits, a thread's blank to the thread's own crest. */
function turnedSize(section: Placed): { least: number; most: number } {
  if (section.kind !== 'thread') return diameterMeasure(section);
  return threadCrest(section);
}

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
  card(laid, section, { piece, holding }) {
    if (!section) return figures([]);
    const { least, most } = turnedSize(section);
    return {
      kind: 'diameter',
      member: 'external',
      from: 2 * Math.max(...(shapeAt(piece, section) ?? []).map((p) => p.r)),
      least,
      most,
      along: section.z1 - section.z0,
      toEnd: farFrom(laid, section, holding.toward),
    };
  },
  minutes: (laid, section) =>
    section ? cuttingMinutes(section.z1 - section.z0, laid.barRadius - section.largest) : 3,
};
