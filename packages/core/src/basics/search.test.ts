import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstNotUnder, turningAt } from './search';

describe('where a list rises past a bound', () => {
  it('is the first that is not under it', () => {
    expect([0, 1, 1.5, 2, 3, 9].map((bound) => firstNotUnder([1, 2, 2, 3], bound))).toEqual([
      0, 0, 1, 1, 3, 4,
    ]);
  });
});

describe('where a condition turns', () => {
  it('lies between the last place where it holds and the first where it does not, either way round', () => {
    const places = fc.double({ min: -100, max: 100, noNaN: true });
    fc.assert(
      fc.property(places, places, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (from, to, part) => {
        fc.pre(Math.abs(to - from) > 1e-3);
        const turns = from + part * (to - from);
        const [last, first] = turningAt((at) => (at - turns) * (to - from) < 0, from, to, 20);
        expect((last - turns) * (to - from)).toBeLessThan(0);
        expect((first - turns) * (to - from)).toBeGreaterThanOrEqual(0);
        expect(Math.abs(first - last)).toBeCloseTo(Math.abs(to - from) / 2 ** 20, 9);
      }),
      { seed: 20 },
    );
  });
});
