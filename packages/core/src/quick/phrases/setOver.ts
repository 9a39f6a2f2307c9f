import { length } from '../../figure/figure';
import { tailstockSetOver } from '../../ways/tailstockSetOver';
import { besides, lengthAndTaper } from '../asked';
import type { QuickPhrase } from '../quickPhrase';

/** set over 180 at mt2: the tailstock's offset for a length between centres. */
export const setOverPhrase: QuickPhrase = {
  id: 'set-over',
  example: 'set over 180 mm at mt2',
  what: 'tailstock set-over for a length and a taper',
  answer(text, context) {
    const said = besides(text, /\bset\s*-?over\b/i);
    if (said === null) return null;
    const [workLength, taper] = lengthAndTaper(said, context, this.example);
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
