import { boreGauge } from './tools';
import { length } from '../../figure/figure';
import { impossible } from '../piece/line';
import { drilled, finished } from '../piece/piece';
import { saySpeed } from './speed';
import type { Laid, Placed } from '../piece/laid';
import { cutSaid, groundAfter, groundSaid } from './groundAfter';
import { diameterMeasure, finishOf } from './measures';
import { depthOf, drillMakesIt, isTapped, reamerFor, threadBore } from './sizes';
import { threadCrest } from './threadCrest';
import { holeNow } from './hole';
import { onFeatures } from './onFeatures';
import { isBore, isCylinder, isThread } from '../../part/kinds/is';

/** What it is bored to: its limits, or under them to be ground, or for a thread the bore its crests are to have. */
function boredSize(laid: Laid, section: Placed): { least: number; most: number } {
  if (isThread(section)) return threadCrest(section);
  return groundAfter(laid, section) ?? diameterMeasure(section);
}

/** The diameter it is bored to: of a thread the bore that it is cut in. */
const boredTo = (laid: Laid, section: Placed): number =>
  isThread(section) ? threadBore(laid, section) : 2 * section.largest;

export const bore = onFeatures({
  kind: 'bore',
  name: 'Bore',
  works: (['bore', 'cylinder', 'thread'] as const).map((kind) => ({ kind, side: 'internal' })),
  before: ['The stoutest bar that goes in, as short as the depth allows.'],
  rank: () => 30,
  needed: (laid, section) =>
    isCylinder(section) ||
    (isThread(section) && !isTapped(section)) ||
    (isBore(section) && !drillMakesIt(laid, section) && reamerFor(laid, section) === null),
  finishes: (_laid, section) => !isThread(section),
  wrong: (moment, section) =>
    holeNow(moment, section) === 0
      ? [impossible('no-hole', ['A boring tool has nothing to enter: it is drilled first.'])]
      : [],
  after({ piece, holding }, section) {
    return isThread(section)
      ? drilled(piece, section, threadBore(piece.laid, section) / 2)
      : finished(piece, [section.id], holding.id);
  },
  say(laid, section) {
    const size = boredTo(laid, section);
    return [
      'Bore ',
      ...(isThread(section) ? ['⌀', length(size, 0.01)] : cutSaid(laid, section)),
      ', ',
      length(depthOf(laid, section), 0.1),
      ' deep, ',
      ...saySpeed(laid, size, { finishing: true, boring: depthOf(laid, section) / size }),
      ...groundSaid(laid, section),
    ];
  },
  card(laid, section, moment) {
    const { least, most } = boredSize(laid, section);
    const toGrind = groundAfter(laid, section) !== null;
    const depth = depthOf(laid, section);
    return {
      kind: 'diameter',
      member: 'internal',
      from: 2 * holeNow(moment, section),
      least,
      most,
      finish: toGrind ? null : finishOf(section),
      ...(toGrind ? { toGrind } : {}),
      along: section.z1 - section.z0,
      toEnd: depth,
    };
  },
  tools: (laid, section, moment) => [
    [
      'Boring bar that goes in ',
      length(2 * holeNow(moment, section), 0.1),
      ', ',
      length(depthOf(laid, section), 1),
      ' deep',
    ],
    boreGauge(boredTo(laid, section)),
  ],
  minutes: (laid, section) => 5 + depthOf(laid, section) / 8,
});
