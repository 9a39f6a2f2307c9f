import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drillPlan } from './drillPlan';

const DRILLS = Array.from({ length: 31 }, (_, i) => 2 + i);
const hub = {
  drills: DRILLS,
  largeDiameter: 38,
  smallDiameter: 32.833,
  length: 62,
  halfAngle: Math.atan(1 / 24),
  margin: 0.8,
};

describe('drilling before a taper is bored', () => {
  it('the largest that clears the small end goes through', () => {
    expect(drillPlan(hub)[0]).toMatchObject({ diameter: 32, depth: 62 });
    expect(() => drillPlan({ ...hub, smallDiameter: 2.5 })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'drills' }),
    );
    expect(() => drillPlan({ ...hub, margin: -1 })).toThrow(expect.objectContaining({ field: 'margin' }));
  });
  it('no corner of any step reaches the finished cone, each is larger and less deep than the last', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.5, noNaN: true }),
        fc.double({ min: 10, max: 80, noNaN: true }),
        fc.double({ min: 4, max: 20, noNaN: true }),
        (halfAngle, length, small) => {
          const large = small + 2 * length * Math.tan(halfAngle);
          const steps = drillPlan({
            drills: DRILLS,
            largeDiameter: large,
            smallDiameter: small,
            length,
            halfAngle,
            margin: 0.5,
          });
          steps.forEach(({ diameter, depth, tip }, i) => {
            const coneThere = large - 2 * depth * Math.tan(halfAngle);
            expect(diameter).toBeLessThanOrEqual(coneThere - 0.5 + 1e-9);
            expect(tip).toBeGreaterThan(depth);
            const before = steps[i - 1];
            if (before) {
              expect(diameter).toBeGreaterThan(before.diameter);
              expect(depth).toBeLessThanOrEqual(before.depth);
            }
          });
        },
      ),
      { seed: 13 },
    );
  });
  it('a steep bore gets a staircase, a slow one a single hole', () => {
    expect(drillPlan(hub)).toHaveLength(1);
    const steep = {
      ...hub,
      largeDiameter: 31,
      smallDiameter: 12,
      length: 50,
      halfAngle: Math.atan(19 / 100),
    };
    expect(drillPlan(steep).length).toBeGreaterThan(4);
  });
});
