import { length } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { compoundInfeed } from '../../ways/compoundInfeed';
import { besides, lengthSaid } from '../asked';
import { twoFigures } from '../twoFigures';
import type { QuickPhrase } from '../quickPhrase';

/** infeed 0.1 at 60°: a swung compound's own travel for so much off the diameter. */
export const infeedPhrase: QuickPhrase = {
  id: 'infeed',
  example: 'infeed 0.1 mm at 60°',
  what: 'compound travel for so much off the diameter',
  answer(text, context) {
    const said = besides(text, /\binfeed\b/i);
    if (said === null) return null;
    const [diameter, compoundAngle] = twoFigures(said, {
      read: lengthSaid(context),
      and: (angle) => parseQuantity({ text: angle, dimension: 'angle', defaultUnit: 'deg' }).value,
      example: this.example,
    });
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
