import { length } from '../../figure/figure';
import { stockFromStandOff } from '../../gauging/stockFromStandOff';
import { parseQuantity } from '../../quantity/parseQuantity';
import { namedTaper } from '../namedTaper';
import type { QuickPhrase } from '../quickPhrase';

/** dz 1.6 mt3: stock left for a stand-off. */
export const standOffPhrase: QuickPhrase = {
  id: 'stand-off',
  example: 'dz 1.6 mm mt3',
  what: 'stock left for a stand-off and a taper',
  answer(text, { lengthUnit }) {
    const found = /^dz\s+(.+?)\s+(?:at\s+)?((?:mt|morse|jarno|bs|b&s|steep)\s*\d+|\S+)$/i.exec(text);
    if (!found?.[1] || !found[2]) return null;
    const standOff = parseQuantity({ text: found[1], dimension: 'length', defaultUnit: lengthUnit }).value;
    const taper = namedTaper(found[2]);
    const { diameter, radius } = stockFromStandOff({ standOff, halfAngle: taper.halfAngle });
    return {
      heading: `stand-off on ${taper.name}`,
      lines: [
        { label: 'on diameter', figure: length(diameter, 0.001) },
        { label: 'on radius', figure: length(radius, 0.001) },
      ],
    };
  },
};
