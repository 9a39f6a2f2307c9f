import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalEquations, solveLinear } from './linear';
import { firstNotUnder } from './search';

const real = fc.double({ min: -5, max: 5, noNaN: true });

/** In thousandths: a double drawn as such is mostly next to nothing, and rows of nothing settle nothing. */
const factor = fc.integer({ min: -5000, max: 5000 }).map((n) => n / 1000);

describe('small sets of linear equations', () => {
  it('what is found satisfies them, whichever order they come in', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(factor, { minLength: 4, maxLength: 4 }), { minLength: 3, maxLength: 3 }),
        (rows) => {
          const found = solveLinear(rows, 1e-3);
          fc.pre(found !== null);
          for (const row of rows) {
            const comesTo = found!.reduce((sum, x, i) => sum + x * row[i]!, 0);
            expect(Math.abs(comesTo - row[3]!)).toBeLessThan(1e-6 * (1 + Math.max(...found!.map(Math.abs))));
          }
        },
      ),
      { seed: 1 },
    );
  });
  it('says when the rows do not settle it', () => {
    expect(
      solveLinear(
        [
          [1, 2, 3],
          [2, 4, 6],
        ],
        1e-9,
      ),
    ).toBeNull();
  });
  it('least squares gives a line back from places on it', () => {
    const rows = [0, 1, 4, 7].map((x) => ({ terms: [1, x], value: 2 - 0.5 * x }));
    const [a, b] = solveLinear(normalEquations(rows, 2), 1e-9)!;
    expect([a, b]).toEqual([expect.closeTo(2, 12), expect.closeTo(-0.5, 12)]);
  });
});

describe('looking up in rising values', () => {
  it('agrees with going through them', () => {
    fc.assert(
      fc.property(fc.array(real, { maxLength: 30 }), real, (values, bound) => {
        const rising = [...values].sort((a, b) => a - b);
        const by = rising.findIndex((v) => v >= bound);
        expect(firstNotUnder(rising, bound)).toBe(by === -1 ? rising.length : by);
      }),
      { seed: 2 },
    );
  });
});
