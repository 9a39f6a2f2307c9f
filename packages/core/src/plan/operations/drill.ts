import { length } from '../../figure/figure';
import { impossible, risk } from '../piece/line';
import { drilled, finished } from '../piece/piece';
import { SAME } from '../piece/usual';
import { saySpeed } from './speed';
import { depthOf, drillFor, drillMakesIt, wantsHole } from './sizes';
import { holeNow } from './hole';
import { PLAIN, type KindOfOperation } from './kind';

/** Deeper than this in its own diameters a drill is drawn back to clear; wider than this it follows a smaller one. */
const PECK = 3;
const PILOT_OVER = 13;
const PILOT = 6;

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
    const depth = depthOf(laid, section);
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
