import { length } from '../../figure/figure';
import { gaugeBlockStack } from '../../kit/gaugeBlockStack';
import { besides, lengthSaid } from '../asked';
import type { QuickPhrase } from '../quickPhrase';
import { MOST_WRUNG } from '../../kit/usual';

const MARKED = 0.0001;

/** stack 34.562: gauge blocks for a size. */
export const stackPhrase: QuickPhrase = {
  id: 'stack',
  example: 'stack 34.562 mm',
  what: 'gauge blocks for a size, from the set owned',
  answer(text, context) {
    const said = besides(text, /^(?:stack|(?:gauge\s+)?blocks)(?:\s+(?:for|of))?\b/i);
    if (said === null) return null;
    const target = lengthSaid(context)(said);
    const {
      blocks: chosen,
      total,
      error,
    } = gaugeBlockStack({
      target,
      blocks: context.blocks,
      maxCount: MOST_WRUNG,
    });
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
