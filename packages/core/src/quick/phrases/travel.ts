import { length } from '../../figure/figure';
import { besides, lengthAndTaper } from '../asked';
import type { QuickPhrase } from '../quickPhrase';

/** slide 30 at mt3, carriage 75 at mt3: what the indicator should see. */
export const travelPhrase: QuickPhrase = {
  id: 'travel',
  example: 'carriage 75 mm at mt3',
  also: ['slide 30 mm at mt3'],
  what: 'what the indicator sees over a travel of carriage or slide',
  answer(text, context) {
    const said = besides(text, /\b(?:slide|carriage)\b/i);
    if (said === null) return null;
    const [travel, taper] = lengthAndTaper(said, context, this.example);
    const slide = /\bslide\b/i.test(text);
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
