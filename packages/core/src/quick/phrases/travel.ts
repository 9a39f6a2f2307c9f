import { length } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { namedTaper } from '../namedTaper';
import type { QuickPhrase } from '../quickPhrase';

/** slide 30 at mt3, carriage 75 at mt3: what the indicator should see. */
export const travelPhrase: QuickPhrase = {
  id: 'travel',
  example: 'carriage 75 mm at mt3',
  also: ['slide 30 mm at mt3'],
  what: 'what the indicator sees over a travel of carriage or slide',
  answer(text, { lengthUnit }) {
    const found = /^(slide|carriage)\s+(.+?)\s+at\s+(.+)$/i.exec(text);
    if (!found?.[1] || !found[2] || !found[3]) return null;
    const travel = parseQuantity({ text: found[2], dimension: 'length', defaultUnit: lengthUnit }).value;
    const taper = namedTaper(found[3]);
    const slide = found[1].toLowerCase() === 'slide';
    const bySlide = travel * Math.sin(taper.halfAngle);
    const byBed = travel * Math.tan(taper.halfAngle);
    const [right, other] = slide ? [bySlide, byBed] : [byBed, bySlide];
    return {
      heading: `${slide ? 'slide' : 'carriage'} along ${taper.name}`,
      lines: [
        { label: 'on radius', figure: length(right, 0.001) },
        { label: 'on diameter', figure: length(2 * right, 0.001) },
        {
          label: slide ? 'not this, for the carriage' : 'not this, for the slide',
          figure: length(other, 0.001),
        },
      ],
    };
  },
};
