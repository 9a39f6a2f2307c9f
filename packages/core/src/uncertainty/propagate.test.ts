import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { propagate } from './propagate';

describe('carrying plus or minus through a formula', () => {
  it('adds as squares in a sum, and scales in a product', () => {
    const sum = propagate(
      { a: { value: 10, uncertainty: 0.03 }, b: { value: 4, uncertainty: 0.04 } },
      ({ a, b }) => a - b,
    );
    expect(sum.value).toBe(6);
    expect(sum.uncertainty).toBeCloseTo(0.05, 9);
    expect(sum.shares[0]!.input).toBe('b');
    const product = propagate({ a: { value: 10, uncertainty: 0.1 } }, ({ a }) => 3 * a);
    expect(product.uncertainty).toBeCloseTo(0.3, 9);
  });
  it('an exact input costs nothing', () => {
    expect(propagate({ a: { value: 2, uncertainty: 0 } }, ({ a }) => a ** 3).uncertainty).toBe(0);
  });
  it('agrees with drawing the inputs at random', () => {
    let seed = 7;
    const uniform = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
    const inputs = {
      large: { value: 24.076, uncertainty: 0.01 },
      small: { value: 20.1, uncertainty: 0.01 },
      along: { value: 79, uncertainty: 0.2 },
    };
    const f = ({ large, small, along }: Record<keyof typeof inputs, number>) => (large - small) / along;
    const drawn = Array.from({ length: 40_000 }, () =>
      f({
        large: inputs.large.value + normal() * 0.01,
        small: inputs.small.value + normal() * 0.01,
        along: inputs.along.value + normal() * 0.2,
      }),
    );
    const mean = drawn.reduce((a, b) => a + b, 0) / drawn.length;
    const spread = Math.sqrt(drawn.reduce((a, b) => a + (b - mean) ** 2, 0) / drawn.length);
    expect(propagate(inputs, f).uncertainty / spread).toBeCloseTo(1, 1);
  });
  it('is never less than its largest share', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (u, v) => {
          const p = propagate(
            { a: { value: 3, uncertainty: u }, b: { value: 5, uncertainty: v } },
            ({ a, b }) => a * b,
          );
          expect(p.uncertainty).toBeGreaterThanOrEqual((p.shares[0]?.part ?? 0) - 1e-12);
        },
      ),
    );
  });
});
