import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crossing } from './crossing';

const place = fc.double({ min: -3, max: 3, noNaN: true });
/** Falling figures of the sorts that are asked for here: straight, bent, steep in one place, flat at both ends, in steps. */
const shape = fc.constantFrom<(x: number) => number>(
  (x) => -x,
  (x) => -(x ** 3) - x / 10,
  (x) => 1 - Math.exp(2 * x),
  (x) => -Math.tanh(40 * x),
  (x) => (x > 0 ? -4.6 : 23),
);

describe('where a falling figure crosses nothing', () => {
  it('is found to the width or the nearness asked for, between any two ends', () => {
    fc.assert(
      fc.property(shape, place, fc.double({ min: 0.1, max: 9, noNaN: true }), (of, at, span) => {
        const from = at - span * 0.37;
        const found = crossing(from, from + span, 1e-6, (x) => of(x - at), 1e-9);
        expect(Math.abs(found - at)).toBeLessThan(2e-6);
      }),
    );
  });
  it('is one of the ends where it lies beyond them', () => {
    expect(crossing(1, 2, 1e-6, (x) => 5 - x)).toBe(2);
    expect(crossing(1, 2, 1e-6, (x) => 0.5 - x)).toBe(1);
  });
  it('is the last place where it still holds, when it falls in a step', () => {
    const found = crossing(0, 1, 1e-6, (x) => (x <= 0.3 ? 1 : -1));
    expect(found).toBeLessThanOrEqual(0.3);
    expect(found).toBeGreaterThan(0.3 - 1e-6);
  });
  it('is not looked for without end where the figure is none', () => {
    let asked = 0;
    const none = (x: number): number => {
      asked++;
      return x === 0 ? 1 : NaN;
    };
    crossing(0, 1, 1e-6, none);
    expect(asked).toBeLessThan(200);
  });
  it('asks less often than halving would, where the figure is smooth', () => {
    let asked = 0;
    crossing(0, 1, 2 ** -16, (x) => {
      asked++;
      return Math.cos(2 * x);
    });
    expect(asked).toBeLessThan(9);
  });
});
