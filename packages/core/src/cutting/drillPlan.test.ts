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
    expect(() => drillPlan({ ...hub, step: 0 })).toThrow(expect.objectContaining({ field: 'step' }));
  });
  it('a step is drilled from four millimetres deep on', () => {
    const stepsOf = (largeDiameter: number): number[] =>
      drillPlan({
        ...{
          drills: [10, 15],
          largeDiameter,
          smallDiameter: 11,
          length: 9,
          halfAngle: Math.atan(1 / 2),
          margin: 1,
        },
      }).map((s) => s.diameter);
    expect(stepsOf(20)).toEqual([10, 15]);
    expect(stepsOf(19.99)).toEqual([10]);
  });
  it('a step is worth its drill by a whole one, the last of the drawer by half of one', () => {
    const stepsOf = (drills: number[]): number[] =>
      drillPlan({ ...hub, smallDiameter: 10.9, largeDiameter: 38, drills, step: 2 }).map((s) => s.diameter);
    expect(stepsOf([10, 11.2])).toEqual([10, 11.2]);
    expect(stepsOf([10, 10.9])).toEqual([10]);
    expect(stepsOf([10, 11.2, 13])).toEqual([10, 13]);
    expect(stepsOf([13, 10, 12, 10])).toEqual([10, 12, 13]);
    expect(stepsOf([10, 12, 14, 15, 18])).toEqual([10, 12, 14, 18]);
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
  it('a drill of exactly the small end less its margin goes through, and its point reaches deeper', () => {
    const [only] = drillPlan({ ...hub, drills: [10, 32], smallDiameter: 32.5, margin: 0.5 });
    expect(only).toMatchObject({ diameter: 32, depth: 62 });
    expect(only!.tip).toBeCloseTo(62 + 16 / Math.tan((59 / 180) * Math.PI), 9);
    expect(drillPlan({ ...hub, drills: [10, 32], smallDiameter: 32.4, margin: 0.5 })[0]!.diameter).toBe(10);
    const blunt = drillPlan({
      ...hub,
      drills: [32, 32],
      smallDiameter: 32.5,
      margin: 0.5,
      pointAngle: Math.PI / 2,
    });
    expect(blunt).toHaveLength(1);
    expect(blunt[0]!.tip).toBeCloseTo(62 + 16, 9);
  });
  it('another drill is worth it from one step on, the last from half a step, and none for a few millimetres of depth', () => {
    const wide = {
      ...hub,
      largeDiameter: 60,
      smallDiameter: 20,
      length: 60,
      halfAngle: Math.atan(1 / 3),
      margin: 0,
    };
    const taken = (drills: number[], step = 3): number[] =>
      drillPlan({ ...wide, drills, step }).map((s) => s.diameter);
    expect(taken([20, 22.9, 30])).toEqual([20, 30]);
    expect(taken([20, 23, 30])).toEqual([20, 23, 30]);
    expect(taken([20, 30, 31.5])).toEqual([20, 30, 31.5]);
    expect(taken([20, 30, 31.4])).toEqual([20, 30]);
    // At a slope of two in three, a drill 2.7 mm under the large end would go in 4 mm.
    const deep = 60 - 4 * (2 / 3);
    expect(taken([20, deep - 0.01])).toHaveLength(2);
    expect(taken([20, deep + 0.01])).toHaveLength(1);
    const [, second] = drillPlan({ ...wide, drills: [20, 40] });
    expect(second!.depth).toBeCloseTo(30, 9);
  });
  it.each([
    ['smallDiameter', 0],
    ['length', 0],
    ['margin', -0.1],
  ])('%s of %d is refused at its box', (field, value) => {
    expect(() => drillPlan({ ...hub, [field]: value })).toThrow(expect.objectContaining({ field }));
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
