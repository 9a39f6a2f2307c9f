import { count, length } from '../../figure/figure';
import { outsideRadii } from '../piece/piece';
import { behind, standsOut } from '../piece/reach';
import type { Check } from './kind';

/** Bar that goes on this far behind the jaws whips unless something carries it. mm. */
const LONG_BEHIND = 300;
/** Out of the jaws by this many of its diameters it springs, though it may be held so. */
const SPRINGS = 2.5;

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
  say({ kind, moment: { piece, holding } }) {
    const out = standsOut(piece, holding);
    if (!kind.cuts || kind.away || holding.centre || !holding.grips || out === null) return null;
    const across = 2 * outsideRadii(piece, holding.grips.from, holding.grips.to).smallest;
    return out > SPRINGS * across
      ? [
          'It stands out ',
          count(out / across, 0.1),
          ' of its diameters: sharp tool, light cuts, and a pass at the same dial.',
        ]
      : null;
  },
};
