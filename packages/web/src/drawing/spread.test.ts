import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spreadLabels, type Label } from './spread';

const GAP = 10;
const labels = fc.array(
  fc.record({ want: fc.double({ min: -50, max: 450, noNaN: true }), width: fc.integer({ min: 5, max: 60 }) }),
  { minLength: 1, maxLength: 6 },
);
const ends = (one: Label, middle: number) => [middle - one.width / 2, middle + one.width / 2] as const;

describe('labels spread along a line', () => {
  it('do not overlap, keep inside, and stand in the order they would like', () => {
    fc.assert(
      fc.property(labels, (all) => {
        const room = all.reduce((sum, { width }) => sum + width + GAP, 0);
        fc.pre(room <= 400);
        const middles = spreadLabels(all, 0, 400, GAP);
        const order = all
          .map((one, i) => ({ one, middle: middles[i]! }))
          .sort((a, b) => a.one.want - b.one.want);
        order.forEach(({ one, middle }, i) => {
          const [left, right] = ends(one, middle);
          expect(left).toBeGreaterThanOrEqual(-1e-6);
          expect(right).toBeLessThanOrEqual(400 + 1e-6);
          const next = order[i + 1];
          if (next) expect(ends(next.one, next.middle)[0]).toBeGreaterThanOrEqual(right + GAP - 1e-6);
        });
      }),
    );
  });
  it('stay where they would like to be while nothing is in the way', () => {
    expect(
      spreadLabels(
        [
          { want: 300, width: 40 },
          { want: 100, width: 40 },
        ],
        0,
        400,
      ),
    ).toEqual([300, 100]);
  });
  it('two that want one place share it, each giving way by as much', () => {
    const [a, b] = spreadLabels(
      [
        { want: 200, width: 40 },
        { want: 200, width: 40 },
      ],
      0,
      400,
      GAP,
    );
    expect([a, b]).toEqual([175, 225]);
  });
});
