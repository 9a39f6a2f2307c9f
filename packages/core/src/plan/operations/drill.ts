import { length } from '../../figure/figure';
import { drillSaid } from '../../kit/drillSaid';
import { impossible, risk } from '../piece/line';
import { drilled, finished } from '../piece/piece';
import { other, type Placed } from '../piece/laid';
import { LAST_PECK, PECK, PILOT, PILOT_OVER, SAME } from '../piece/usual';
import { saySpeed } from './speed';
import { depthOf, drillFor, drillMakesIt, holeOf, isTapped, runsOn, wantsHole } from './sizes';
import { holeNow } from './hole';
import type { Moment } from './kind';
import { onFeatures } from './onFeatures';
import { DRILL_POINT } from '../../kit/usual';

/**
 * How deep it goes to its full diameter: a tap has a lead, so that its drill goes on past the last full thread, unless the
 * hole goes on anyway; and never farther than there is metal.
 */
function drillDepth({ piece }: Moment, section: Placed): number {
  const { laid, spare } = piece;
  const lead =
    isTapped(section) && !runsOn(laid, section)
      ? holeOf(laid, section).drillDepth - (section.z1 - section.z0)
      : 0;
  return Math.min(depthOf(laid, section) + lead, laid.length + spare[other(section.from)]);
}

/** Three diameters first, then one at a time: deeper the chips pack. */
function pecksOf(diameter: number, depth: number): number[] {
  const pecks: number[] = [];
  for (let at = PECK * diameter; at < depth - diameter * LAST_PECK; at += diameter) pecks.push(at);
  return [...pecks, depth];
}

/** A wide drill follows a pilot into solid metal; a hole that stands there already is one. */
const pilotFor = (moment: Moment, section: Placed, size: number): number | null =>
  size > PILOT_OVER && 2 * holeNow(moment, section) < PILOT ? PILOT : null;

export const drill = onFeatures({
  kind: 'drill',
  name: 'Drill',
  works: (['bore', 'cylinder', 'taper', 'thread', 'profile', 'eccentric'] as const).map((kind) => ({
    kind,
    side: 'internal',
  })),
  before: ['Tailstock on the axis.'],
  // The deep, narrow ones first: what follows opens their mouths.
  rank: (_laid, section) => 10 + Math.min(9, section.smallest / 100),
  fromTailstock: () => true,
  needed: wantsHole,
  finishes: drillMakesIt,
  wrong(moment, section) {
    const { laid } = moment.piece;
    const size = drillFor(laid, section);
    if (holeNow(moment, section) > size / 2 + SAME)
      return [
        impossible('hole-spoiled', [
          'There is a wider hole there already: a drill of ',
          length(size, 0.1),
          ' cuts nothing.',
        ]),
      ];
    return moment.piece.faced.has(section.from)
      ? []
      : [
          risk('not-faced', [
            'A drill started on a rough face wanders, and its depth is measured from nothing.',
          ]),
        ];
  },
  after({ piece, holding }, section) {
    const made = drilled(piece, section, drillFor(piece.laid, section) / 2);
    return drillMakesIt(piece.laid, section) ? finished(made, [section.id], holding.id) : made;
  },
  say(laid, section, moment) {
    const size = drillFor(laid, section);
    const depth = drillDepth(moment, section);
    const pilot = pilotFor(moment, section, size);
    return [
      'Drill ',
      ...drillSaid(size),
      ', ',
      length(depth, 0.1),
      ' deep, ',
      ...saySpeed(laid, size, { finishing: false }),
      ...(pilot === null ? [] : [', pilot ', length(pilot, 0.1)]),
      ...(depth > PECK * size ? [', drawn back every ', length(size, 1)] : []),
    ];
  },
  card(laid, section, moment) {
    const diameter = drillFor(laid, section);
    const depth = drillDepth(moment, section);
    return {
      kind: 'hole',
      diameter,
      depth,
      point: diameter / 2 / Math.tan(DRILL_POINT / 2),
      pilot: pilotFor(moment, section, diameter),
      pecks: pecksOf(diameter, depth),
    };
  },
  tools(laid, section, moment) {
    const size = drillFor(laid, section);
    const pilot = pilotFor(moment, section, size);
    return [
      ...(holeNow(moment, section) === 0 ? [['Centre drill']] : []),
      ...(pilot === null ? [] : [['Drill ', length(pilot, 0.1)]]),
      ['Drill ', ...drillSaid(size, 0.1)],
    ];
  },
  minutes: (laid, section) => 2 + depthOf(laid, section) / 15,
});
