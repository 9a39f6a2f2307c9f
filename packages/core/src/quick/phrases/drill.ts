import { AnelloError } from '../../basics/error';
import { length } from '../../figure/figure';
import { drillMark, EVERY_MARKED, markedDrills } from '../../quantity/drillMarks';
import { besides, lengthSaid } from '../asked';
import type { QuickPhrase } from '../quickPhrase';

const SHOWN = 0.001;
/** A mark that needs no word before it. */
const SIGNED = /^(?:#|no\.?\s*|number\s*|letter\s+)[\da-z]+$/i;

/** #7, drill F, drill 5.1: a drill's size by its mark, and the inch drills next to it. */
export const drillPhrase: QuickPhrase = {
  id: 'drill',
  example: '#7',
  also: ['drill F', 'drill 5.1 mm'],
  what: 'an inch drill by its mark, or those next to a size',
  answer(text, context) {
    const asked = besides(text, /^drill\b/i);
    if (asked === null && !SIGNED.test(text)) return null;
    const said = asked ?? text;
    const size = markedDrills(said)?.[0] ?? lengthSaid(context)(said);
    if (!(size > 0)) throw new AnelloError('out-of-range', null, 'A drill is more than nothing across.');
    const mark = drillMark(size);
    const under = EVERY_MARKED.filter((one) => one < size - SHOWN).at(-1);
    const over = EVERY_MARKED.find((one) => one > size + SHOWN);
    return {
      heading: mark === null ? 'a drill' : `drill ${mark}`,
      lines: [
        { label: 'across', figure: length(size, SHOWN) },
        ...(under === undefined
          ? []
          : [{ label: `next under it, ${drillMark(under)}`, figure: length(under, SHOWN) }]),
        ...(over === undefined
          ? []
          : [{ label: `next over it, ${drillMark(over)}`, figure: length(over, SHOWN) }]),
      ],
    };
  },
};
