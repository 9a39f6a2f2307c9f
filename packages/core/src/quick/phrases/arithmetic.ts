import { AnelloError } from '../../basics/error';
import { angle, count, degrees, length, perFoot, ratio } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { halfAngleOf } from '../../taper/solve';
import type { QuickAnswer, QuickContext, QuickPhrase } from '../quickPhrase';

const NUMBER_SHOWN = 0.0001;

/** Any sum: as a length if it is one, then as an angle, a taper, or a plain number. */
export const arithmeticPhrase: QuickPhrase = {
  id: 'sum',
  example: '2*0.312 in + 1/16 in',
  also: ['50 mm * tan 8.3°', 'atan(7/48)', 'sqrt(3*3 + 4*4)'],
  what: 'any sum in any units; sin to atan, roots',
  answer(text, context) {
    const refused: AnelloError[] = [];
    for (const attempt of [asLength, asAngle, asTaper, asNumber])
      try {
        return attempt(text, context);
      } catch (error) {
        if (!(error instanceof AnelloError)) throw error;
        refused.push(error);
      }
    // A figure of another kind is no fault of what was typed: what is one, is said.
    throw refused.find(({ code }) => code !== 'wrong-dimension') ?? refused[0];
  },
};

function asNumber(text: string): QuickAnswer {
  const { value } = parseQuantity({ text, dimension: 'number', defaultUnit: '1' });
  return { heading: 'a number', lines: [{ label: 'comes to', figure: count(value, NUMBER_SHOWN) }] };
}

function asLength(text: string, { lengthUnit }: QuickContext): QuickAnswer {
  const { value, explicit } = parseQuantity({ text, dimension: 'length', defaultUnit: lengthUnit });
  return {
    heading: explicit ? 'a length' : `a length, in ${lengthUnit}`,
    lines: [{ label: 'comes to', figure: length(value, 0.0001) }],
  };
}

function asAngle(text: string): QuickAnswer {
  const { value } = parseQuantity({ text, dimension: 'angle', defaultUnit: 'deg' });
  return {
    heading: 'an angle',
    lines: [
      { label: 'comes to', figure: angle(value) },
      { label: 'in degrees', figure: degrees(value) },
      ...(value > 0 && value < Math.PI / 2.1
        ? [{ label: 'as a half angle', figure: ratio(2 * Math.tan(value)) }]
        : []),
    ],
  };
}

function asTaper(text: string): QuickAnswer {
  const { value } = parseQuantity({ text, dimension: 'taper', defaultUnit: 'ratio' });
  return {
    heading: 'a taper on diameter',
    lines: [
      { label: 'ratio', figure: ratio(value) },
      { label: 'half angle', figure: angle(halfAngleOf(value)) },
      { label: 'per foot', figure: perFoot(value) },
    ],
  };
}
