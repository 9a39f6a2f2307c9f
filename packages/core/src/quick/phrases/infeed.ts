import { length } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { compoundInfeed } from '../../ways/compoundInfeed';
import type { QuickPhrase } from '../quickPhrase';

/** infeed 0.1 at 60°: a swung compound's own travel for so much off the diameter. */
export const infeedPhrase: QuickPhrase = {
  id: 'infeed',
  example: 'infeed 0.1 mm at 60°',
  what: 'compound travel for so much off the diameter, standing at an angle to the axis',
  answer(text, { lengthUnit }) {
    const found = /^infeed\s+(.+?)\s+at\s+(.+)$/i.exec(text);
    if (!found?.[1] || !found[2]) return null;
    const diameter = parseQuantity({ text: found[1], dimension: 'length', defaultUnit: lengthUnit }).value;
    const compoundAngle = parseQuantity({ text: found[2], dimension: 'angle', defaultUnit: 'deg' }).value;
    const { slideTravel, axial } = compoundInfeed({ radial: diameter / 2, compoundAngle });
    return {
      heading: 'compound infeed',
      lines: [
        { label: 'slide moves', figure: length(slideTravel, 0.001) },
        { label: 'tool creeps along', figure: length(axial, 0.001) },
      ],
    };
  },
};
