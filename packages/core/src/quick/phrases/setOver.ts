import { length } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { tailstockSetOver } from '../../ways/tailstockSetOver';
import { namedTaper } from '../namedTaper';
import type { QuickPhrase } from '../quickPhrase';

/** set over 180 at mt2: the tailstock's offset for a length between centres. */
export const setOverPhrase: QuickPhrase = {
  id: 'set-over',
  example: 'set over 180 mm at mt2',
  what: 'tailstock set-over for a length and a taper',
  answer(text, { lengthUnit }) {
    const found = /^set\s*-?over\s+(.+?)\s+at\s+(.+)$/i.exec(text);
    if (!found?.[1] || !found[2]) return null;
    const workLength = parseQuantity({ text: found[1], dimension: 'length', defaultUnit: lengthUnit }).value;
    const taper = namedTaper(found[2]);
    const { setOver, shopRule } = tailstockSetOver({ workLength, halfAngle: taper.halfAngle });
    return {
      heading: `set over for ${taper.name}`,
      lines: [
        { label: 'set over', figure: length(setOver, 0.001) },
        { label: 'shop rule, L tan a', figure: length(shopRule, 0.001) },
      ],
    };
  },
};
