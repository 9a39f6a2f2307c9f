import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Eccentric } from '../../part/kinds/eccentric';
import { isEccentric } from '../../part/kinds/is';
import { throwOf } from '../../part/throwOf';
import type { Laid, Placed } from '../piece/laid';
import { impossible } from '../piece/line';
import { holeNow } from './hole';
import { saySpeed } from './speed';
import { onFeatures } from './onFeatures';

const TURN = 2 * Math.PI;
const HAIR = 1e-9;

/** How far round from the high side of the part's first eccentric its own lies; nothing where it is the same. */
function roundFrom({ sections }: Laid, section: Placed): Phrase {
  const first = sections.find((s) => isEccentric(s));
  if (!first) return [];
  const phase = (s: Placed): number => (s.feature as Eccentric).phase ?? 0;
  const round = (((phase(section) - phase(first)) % TURN) + TURN) % TURN;
  return round < HAIR || TURN - round < HAIR
    ? []
    : [', its high side ', angle(round), ` round from ${first.feature.name}’s`];
}

export const eccentric = onFeatures({
  kind: 'eccentric',
  name: 'Eccentric',
  loop: true,
  setsOver: true,
  works: [{ kind: 'eccentric' }],
  before: ['Swing it round by hand: the high side must clear.', 'Balanced, or slow.'],
  rank: () => 130,
  needed: () => true,
  wrong: (moment, section) =>
    section.side === 'internal' && holeNow(moment, section) === 0
      ? [impossible('no-hole', ['There is no hole yet to bore off the axis.'])]
      : [],
  say(laid, section) {
    const e = throwOf(section.feature as Eccentric);
    return [
      `Set ${section.feature.name} over by `,
      length(e, 0.01),
      ...roundFrom(laid, section),
      ', needle swing ',
      length(2 * e, 0.01),
      ', and cut ⌀',
      length(2 * section.largest, 0.01),
      ', ',
      ...saySpeed(laid, 2 * (section.largest + e), { finishing: false, interrupted: true }),
    ];
  },
  setUp: () => 10,
  card: () => ({ kind: 'shape' }),
  tools: () => [['Indicator with travel enough for the swing'], ['Balance weights, or slow']],
  minutes: () => 25,
});
