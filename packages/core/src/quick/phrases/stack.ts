import { length } from '../../figure/figure';
import { gaugeBlockStack } from '../../kit/gaugeBlockStack';
import { parseQuantity } from '../../quantity/parseQuantity';
import type { QuickPhrase } from '../quickPhrase';

const MOST = 5;
const MARKED = 0.0001;

/** stack 34.562: gauge blocks for a size. */
export const stackPhrase: QuickPhrase = {
  id: 'stack',
  example: 'stack 34.562 mm',
  what: 'gauge blocks for a size, from the set owned',
  answer(text, { lengthUnit, blocks }) {
    const found = /^stack\s+(.+)$/i.exec(text);
    if (!found?.[1]) return null;
    const target = parseQuantity({ text: found[1], dimension: 'length', defaultUnit: lengthUnit }).value;
    const { blocks: chosen, total, error } = gaugeBlockStack({ target, blocks, maxCount: MOST });
    return {
      heading: error === 0 ? 'blocks, exactly' : 'nearest with these blocks',
      lines: [
        { label: 'stack', figure: length(total, MARKED) },
        ...chosen.map((block, index) => ({
          label: `block ${index + 1}`,
          figure: { ...length(block, MARKED), system: 'mm' as const },
        })),
        ...(error === 0 ? [] : [{ label: 'off by', figure: length(error, MARKED, { signed: true }) }]),
      ],
    };
  },
};
