import { length } from '../../figure/figure';
import { impossible, risk } from '../piece/line';
import { drilled, finished } from '../piece/piece';
import { PECK, PILOT, PILOT_OVER, SAME } from '../piece/usual';
import { saySpeed } from './speed';
import { depthOf, drillFor, drillMakesIt, holeOf, isTapped, runsOn, wantsHole } from './sizes';
import { holeNow } from './hole';
import { PLAIN, type KindOfOperation } from './kind';

export const drill: KindOfOperation = {
  ...PLAIN,
  kind: 'drill',
  name: 'Drill',
  on: 'features',
  works: (['bore', 'cylinder', 'taper', 'thread', 'profile', 'eccentric'] as const).map((kind) => ({
    kind,
    side: 'internal',
  })),
  before: ['Started from a centre, or it wanders.', 'Tailstock on the axis.'],
  // The deep, narrow ones first: what follows opens their mouths.
  rank: (_laid, section) => 10 + Math.min(9, (section?.smallest ?? 0) / 100),
  fromTailstock: () => true,
  needed: wantsHole,
  finishes: drillMakesIt,
  wrong(moment, section) {
    if (!section) return [];
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
    if (!section) return piece;
    const made = drilled(piece, section, drillFor(piece.laid, section) / 2);
    return drillMakesIt(piece.laid, section) ? finished(made, [section.id], holding.id) : made;
  },
  say(laid, section) {
    if (!section) return ['Drill'];
    const size = drillFor(laid, section);
    // A tap has a lead: its drill goes on past the last full thread, unless the hole goes on anyway.
    const lead =
      isTapped(section) && !runsOn(laid, section)
        ? holeOf(laid, section).drillDepth - (section.z1 - section.z0)
        : 0;
    const depth = depthOf(laid, section) + lead;
    return [
      'Drill ',
      length(size, 0.01),
      ', ',
      length(depth, 0.1),
      ' deep, ',
      ...saySpeed(laid, size, { finishing: false }),
      ...(size > PILOT_OVER ? [', pilot ', length(PILOT, 0.1)] : []),
      ...(depth > PECK * size ? [', drawn back every ', length(size, 1)] : []),
    ];
  },
  minutes: (laid, section) => (section ? 2 + depthOf(laid, section) / 15 : 2),
};
