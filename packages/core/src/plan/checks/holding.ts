import { count, length } from '../../figure/figure';
import { thinUnderJaws } from '../check/thinWall';
import { kindOfHolding } from '../holdings/registry';
import type { KindOfOperation, Moment } from '../operations/kind';
import { hangs } from '../piece/hang';
import type { Placed } from '../piece/laid';
import { outsideRadii } from '../piece/piece';
import { MOST_BETWEEN, LONG_BEHIND, SPRINGS } from '../piece/usual';
import { behind, standsOut } from '../piece/reach';
import type { Check } from './kind';

export const longBar: Check = {
  id: 'long-bar',
  say({ kind, moment: { piece, holding } }) {
    if (kind.away) return null;
    const back = behind(piece, holding);
    const long = back ? back.to - back.from : 0;
    return long > LONG_BEHIND
      ? [
          'The bar goes on ',
          length(long, 1),
          ' behind the jaws: carried inside the spindle and past it, or cut first. It whips.',
        ]
      : null;
  },
};

export const springs: Check = {
  id: 'springs',
  say({ kind, moment, section }) {
    if (!kind.cuts || kind.away) return null;
    const worst = Math.max(standOut(moment), section ? hangOf(kind, moment, section) : 0);
    return worst > SPRINGS
      ? [
          'It stands out ',
          count(worst, 0.1),
          ' of its diameters: sharp tool, light cuts, and a pass at the same dial.',
        ]
      : null;
  },
};

/** Out of what holds it, of the diameters that are held. */
function standOut({ piece, holding }: Moment): number {
  const out = standsOut(piece, holding);
  if (holding.centre || !holding.grips || out === null) return 0;
  return out / (2 * outsideRadii(piece, holding.grips.from, holding.grips.to).smallest);
}

/** What is worked at its far side, of the diameters that then stand behind it. */
function hangOf(kind: KindOfOperation, moment: Moment, section: Placed): number {
  if (!moment.piece.laid.outside.includes(section)) return 0;
  const hang = hangs(kind.after(moment, section), moment.holding, section);
  return hang ? hang.out / hang.diameter : 0;
}

/** Carried at both ends it bows away from the tool between them. */
export const bows: Check = {
  id: 'bows',
  say({ kind, moment, section }) {
    const { piece, holding } = moment;
    const { laid } = piece;
    if (!kind.cuts || kind.away || !holding.centre || !section || !laid.outside.includes(section))
      return null;
    const { grips, toward } = holding;
    const [from, to] =
      toward === 'tailstock' ? [grips?.to ?? 0, laid.length] : [0, grips?.from ?? laid.length];
    const across = 2 * outsideRadii(kind.after(moment, section), from, to).smallest;
    return to - from > MOST_BETWEEN * across
      ? [
          'It is ',
          count((to - from) / across, 1),
          ' of its diameters long between what carries it: a steady beside the tool, or light cuts and a sharp one; measure its middle too.',
        ]
      : null;
  },
};

/** What would be marked and out of round when the jaws let go. */
export const lightNip: Check = {
  id: 'light-nip',
  say({ first, moment: { piece, holding } }) {
    const wall = first ? thinUnderJaws(piece, holding) : null;
    return wall === null
      ? null
      : [
          'The wall under the jaws is ',
          length(wall, 0.1),
          ': a light nip, or it is not round when they let go.',
        ];
  },
};

/** A centre in a free end carries it, and pushes it off its axis where it was not drilled on it. */
export const centreUp: Check = {
  id: 'centre-up',
  say: ({ first, moment: { holding } }) =>
    first && holding.centre && kindOfHolding(holding.by).centresIn(holding).length === 1
      ? ['Centre hole clean and greased; centre home and the quill locked, the work still running true.']
      : null,
};
