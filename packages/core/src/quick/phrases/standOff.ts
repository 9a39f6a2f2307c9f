import { length } from '../../figure/figure';
import { stockFromStandOff } from '../../gauging/stockFromStandOff';
import { besides, lengthAndTaper } from '../asked';
import type { QuickPhrase } from '../quickPhrase';

/** dz 1.6 mt3: stock left for a stand-off. */
export const standOffPhrase: QuickPhrase = {
  id: 'stand-off',
  example: 'dz 1.6 mm mt3',
  what: 'stock left for a stand-off and a taper',
  answer(text, context) {
    const said = besides(text, /\b(?:dz|stand\s*-?off)\b/i);
    if (said === null) return null;
    const [standOff, taper] = lengthAndTaper(said, context, this.example);
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
