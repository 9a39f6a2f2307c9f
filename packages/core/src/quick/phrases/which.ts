import { length, ratio } from '../../figure/figure';
import { AnelloError } from '../../basics/error';
import { identifyTaper } from '../../taper/identifyTaper';
import { besides, lengthSaid } from '../asked';
import type { QuickPhrase } from '../quickPhrase';
import { USUAL_MICROMETER } from '../../kit/usual';

const SHOWN = 3;

/** A comma with a space after it; without one it is a decimal sign. */
const BETWEEN = /\s*(?:,\s|;|\band\b|\bto\b|\bover\b)\s*/i;

/** Two diameters and the length between them: parted by words, or by nothing but spaces. */
function threeLengths(text: string, example: string): readonly [string, string, string] {
  const parted = [text.split(BETWEEN), text.split(/\s+(?=[\d.])/)].find((parts) => parts.length === 3);
  if (!parted)
    throw new AnelloError(
      'unreadable',
      null,
      `Two diameters and the length between them are asked for here: ${example}.`,
    );
  return parted as [string, string, string];
}

/** which 24.07 20.1 over 79: the nearest tapers in the tables to two diameters. */
export const whichPhrase: QuickPhrase = {
  id: 'which',
  example: 'which 24.07 mm, 20.1 mm over 79 mm',
  what: 'the nearest tapers to two diameters',
  answer(text, context) {
    const said = besides(text, /^which\b/i);
    if (said === null) return null;
    const [one, other, apart] = threeLengths(said, this.example);
    const read = lengthSaid(context);
    const diameters = [read(one), read(other)];
    const { matches, measuredRatio } = identifyTaper({
      largeDiameter: Math.max(...diameters),
      smallDiameter: Math.min(...diameters),
      length: read(apart),
      uncertainty: USUAL_MICROMETER.uncertainty,
    });
    // Two tables have the same taper under one name: the first of them is the nearer.
    const named = matches.filter(
      ({ size }, index) => matches.findIndex((m) => m.size.name === size.name) === index,
    );
    return {
      heading: matches[0] ? `nearest: ${matches[0].size.name}` : 'nothing near',
      lines: [
        { label: 'measured', figure: ratio(measuredRatio) },
        ...named.slice(0, SHOWN).map((m) => ({
          label: `${m.size.name}, off over that length`,
          figure: length(m.overLength, 0.001, { signed: true }),
        })),
      ],
    };
  },
};
