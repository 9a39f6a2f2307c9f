import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METRIC_88 } from './blockSets';
import { gaugeBlockStack } from './gaugeBlockStack';

const SET_88 = METRIC_88;

describe('a stack of gauge blocks', () => {
  it('has the right set to draw from', () => expect(SET_88).toHaveLength(88));

  it('hits what the set can make, with no dust in the sum', () => {
    const { blocks, total, error } = gaugeBlockStack({ target: 34.562, blocks: SET_88, maxCount: 5 });
    expect(total).toBe(34.562);
    expect(error).toBe(0);
    expect(blocks.length).toBeLessThanOrEqual(4);
    expect(gaugeBlockStack({ target: 47.8015, blocks: SET_88, maxCount: 5 }).error).toBe(0);
  });

  it('takes one block where one will do, and each only once', () => {
    expect(gaugeBlockStack({ target: 1.25, blocks: SET_88, maxCount: 4 }).blocks).toEqual([1.25]);
    expect(gaugeBlockStack({ target: 20, blocks: [10, 5, 4, 1], maxCount: 4 })).toEqual({
      blocks: [10, 5, 4, 1],
      total: 20,
      error: 0,
    });
  });

  it('comes as near as it can when it cannot hit', () => {
    expect(gaugeBlockStack({ target: 12.3, blocks: [10, 2, 1.5], maxCount: 3 })).toEqual({
      blocks: [10, 2],
      total: 12,
      error: -0.3,
    });
    expect(gaugeBlockStack({ target: 200, blocks: [10, 2], maxCount: 1 }).blocks).toEqual([10]);
  });

  it('agrees with trying every subset', () => {
    const some = fc.uniqueArray(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 9 });
    fc.assert(
      fc.property(
        some,
        fc.integer({ min: 1, max: 1500 }),
        fc.integer({ min: 1, max: 6 }),
        (whole, aim, maxCount) => {
          const blocks = whole.map((n) => n / 100);
          const found = gaugeBlockStack({ target: aim / 100, blocks, maxCount });
          let least = Infinity;
          let fewest = Infinity;
          for (let mask = 1; mask < 1 << whole.length; mask++) {
            const picked = whole.filter((_, i) => mask & (1 << i));
            if (picked.length > maxCount) continue;
            const off = Math.abs(picked.reduce((a, b) => a + b, 0) - aim);
            if (off < least || (off === least && picked.length < fewest))
              [least, fewest] = [off, picked.length];
          }
          expect(Math.abs(found.error)).toBeCloseTo(least / 100, 9);
          expect(found.blocks.length).toBe(fewest);
          expect(new Set(found.blocks).size).toBe(found.blocks.length);
        },
      ),
      { seed: 12, numRuns: 400 },
    );
  });

  it('refuses nonsense at its field', () => {
    expect(() => gaugeBlockStack({ target: 0, blocks: SET_88, maxCount: 4 })).toThrow(
      expect.objectContaining({ field: 'target' }),
    );
    expect(() => gaugeBlockStack({ target: 5, blocks: [], maxCount: 4 })).toThrow(
      expect.objectContaining({ code: 'underdetermined' }),
    );
    expect(() => gaugeBlockStack({ target: 5, blocks: [1], maxCount: 99 })).toThrow(
      expect.objectContaining({ field: 'maxCount' }),
    );
  });
});
