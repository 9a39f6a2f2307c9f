import { length, ratio } from '../../figure/figure';
import { parseQuantity } from '../../quantity/parseQuantity';
import { identifyTaper } from '../../taper/identifyTaper';
import type { QuickPhrase } from '../quickPhrase';

/** A workshop micrometer, mm. */
const UNCERTAINTY = 0.01;
const SHOWN = 3;

/** which 24.07 20.1 over 79: the nearest tapers in the tables to two diameters. */
export const whichPhrase: QuickPhrase = {
  id: 'which',
  example: 'which 24.07 mm, 20.1 mm over 79 mm',
  what: 'the nearest tapers in the tables to two diameters and their distance',
  answer(text, { lengthUnit }) {
    const found = /^which\s+(.+?)\s*,\s+(.+?)\s+over\s+(.+)$/i.exec(text);
    if (!found?.[1] || !found[2] || !found[3]) return null;
    const read = (said: string): number =>
      parseQuantity({ text: said, dimension: 'length', defaultUnit: lengthUnit }).value;
    const { matches, measuredRatio } = identifyTaper({
      largeDiameter: read(found[1]),
      smallDiameter: read(found[2]),
      length: read(found[3]),
      uncertainty: UNCERTAINTY,
    });
    return {
      heading: matches[0] ? `nearest: ${matches[0].size.name}` : 'nothing near',
      lines: [
        { label: 'measured', figure: ratio(measuredRatio) },
        ...matches.slice(0, SHOWN).map((m) => ({
          label: `${m.size.name}, off over that length`,
          figure: length(m.overLength, 0.001, { signed: true }),
        })),
      ],
    };
  },
};
