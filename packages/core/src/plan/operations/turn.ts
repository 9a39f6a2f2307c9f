import { micrometer } from './tools';
import { farFrom, leftAsBar, type Laid, type Placed } from '../piece/laid';
import type { End } from '../../taper/task';
import { finished, isRaw, onTheWay, standing, turnedDown, type Piece } from '../piece/piece';
import { cutSaid, groundAfter, groundSaid } from './groundAfter';
import { diameterMeasure, finishOf } from './measures';
import { SAME } from '../piece/usual';
import { length } from '../../figure/figure';
import { cuttingMinutes, saySpeed } from './speed';
import { threadCrest } from './threadCrest';
import { onFeatures } from './onFeatures';
import { isCylinder, isThread } from '../../part/kinds/is';

/** What it is turned to: a cylinder to its limits, or over them to be ground, a thread's blank to the thread's own crest. */
function turnedSize(laid: Laid, section: Placed): { least: number; most: number } {
  if (isThread(section)) return threadCrest(section);
  return groundAfter(laid, section) ?? diameterMeasure(section);
}

const isRoundBar = ({ part }: Laid): boolean => part.stock.shape === 'round';

/** How far the tool runs: over the section alone, or from the face where nothing thicker stands between. */
const cutAlong = (laid: Laid, section: Placed, piece: Piece, free: End): number =>
  onTheWay(piece, section, free).length > 0 ? farFrom(laid, section, free) : section.z1 - section.z0;

/** Whether it was brought to its diameter already, with one beside it that the tool came over it for. */
const standsAtIt = (piece: Piece, section: Placed): boolean =>
  isCylinder(section) && !isRaw(piece, section) && standing(piece, section) <= section.largest + SAME;

export const turn = onFeatures({
  kind: 'turn',
  name: 'Turn',
  works: [
    { kind: 'cylinder', side: 'external' },
    { kind: 'thread', side: 'external' },
  ],
  before: ['Swing it round by hand: jaws and carrier clear of the slide.'],
  // The thick before the thin, so that nothing is turned that hangs by less than it will.
  rank: (laid, section) => 70 + 1 - section.largest / laid.barRadius,
  needed: (laid, section) =>
    section.side === 'external' &&
    ((isCylinder(section) && !leftAsBar(laid, section)) ||
      (isThread(section) && !(section.largest >= laid.barRadius - SAME && isRoundBar(laid)))),
  finishes: (_laid, section) => isCylinder(section),
  after({ piece, holding }, section) {
    const down = turnedDown(piece, section, section.largest, holding.toward);
    return isCylinder(section) ? finished(down, [section.id], holding.id) : down;
  },
  say(laid, section, { piece, holding }) {
    if (standsAtIt(piece, section))
      return [
        'Measure ',
        ...cutSaid(laid, section),
        ' over ',
        length(section.z1 - section.z0, 0.1),
        ': it stands at that already',
      ];
    return [
      'Turn ',
      ...(isThread(section) ? ['⌀', length(2 * section.largest, 0.01)] : cutSaid(laid, section)),
      ' over ',
      length(cutAlong(laid, section, piece, holding.toward), 0.1),
      ...(onTheWay(piece, section, holding.toward).length > 0 ? [' from the face'] : []),
      ', ',
      ...saySpeed(laid, 2 * section.largest, { finishing: false }),
      ...groundSaid(laid, section),
    ];
  },
  card(laid, section, { piece, holding }) {
    const { least, most } = turnedSize(laid, section);
    const toGrind = groundAfter(laid, section) !== null;
    return {
      kind: 'diameter',
      member: 'external',
      from: 2 * standing(piece, section),
      least,
      most,
      finish: toGrind ? null : finishOf(section),
      ...(toGrind ? { toGrind } : {}),
      along: cutAlong(laid, section, piece, holding.toward),
      toEnd: farFrom(laid, section, holding.toward),
    };
  },
  tools: (_laid, section) => [['Turning tool'], micrometer(2 * section.largest)],
  minutes(laid, section, { piece, holding }) {
    return standsAtIt(piece, section)
      ? 1
      : cuttingMinutes(
          cutAlong(laid, section, piece, holding.toward),
          standing(piece, section) - section.largest,
        );
  },
});
