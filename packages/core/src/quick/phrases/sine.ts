import { length } from '../../figure/figure';
import { sineBarStack } from '../../kit/sineBarStack';
import { parseQuantity } from '../../quantity/parseQuantity';
import { namedTaper } from '../namedTaper';
import type { QuickPhrase } from '../quickPhrase';

/** sine 100 at mt3: the stack under a sine bar. */
export const sinePhrase: QuickPhrase = {
  id: 'sine',
  example: 'sine 100 mm at mt3',
  what: 'stack under a sine bar for a taper’s half angle',
  answer(text, { lengthUnit }) {
    const found = /^sine\s+(.+?)\s+at\s+(.+)$/i.exec(text);
    if (!found?.[1] || !found[2]) return null;
    const barLength = parseQuantity({ text: found[1], dimension: 'length', defaultUnit: lengthUnit }).value;
    const taper = namedTaper(found[2]);
    return {
      heading: `sine bar for ${taper.name}`,
      lines: [
        { label: 'stack', figure: length(sineBarStack({ barLength, angle: taper.halfAngle }).stack, 0.0001) },
        {
          label: 'not this, for the included angle',
          figure: length(sineBarStack({ barLength, angle: 2 * taper.halfAngle }).stack, 0.0001),
        },
      ],
    };
  },
};
