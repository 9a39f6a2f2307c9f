import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { driveUp, ELASTIC } from './driveUp';

const hub = {
  diameter: 35,
  halfAngle: Math.atan(1 / 24),
  advance: 0.5,
  hubDiameter: 64,
  shaftBore: 0,
  hub: ELASTIC.bronze,
  shaft: ELASTIC.steel,
};

/** The same by brute force: rings of the hub and the shaft, each in balance, strained until they meet. */
function byRings({ diameter, hubDiameter, halfAngle, advance, hub: h, shaft: s }: typeof hub): number {
  const [a, b] = [diameter / 2, hubDiameter / 2];
  const stretch = (p: number): number => {
    // Lamé's constants found from the two boundary pressures, displacement of the bore from hoop and radial stress.
    const A = (p * a * a) / (b * b - a * a);
    const B = (p * a * a * b * b) / (b * b - a * a);
    const hoop = A + B / (a * a);
    return (a / h.modulus) * (hoop + h.poisson * p);
  };
  const squeeze = (p: number): number => (a / s.modulus) * (1 - s.poisson) * p;
  const wanted = advance * Math.tan(halfAngle);
  let [low, high] = [0, 5000];
  for (let i = 0; i < 60; i++) {
    const p = (low + high) / 2;
    if (stretch(p) + squeeze(p) < wanted) low = p;
    else high = p;
  }
  return low;
}

describe('driving a hub up its taper', () => {
  it('interference is twice the advance by the tangent; the pressure agrees with strained rings', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.double({ min: 40, max: 120, noNaN: true }),
        (advance, hubDiameter) => {
          const found = driveUp({ ...hub, advance, hubDiameter });
          expect(found.interference).toBeCloseTo(advance / 12, 9);
          expect(found.pressure / byRings({ ...hub, advance, hubDiameter })).toBeCloseTo(1, 6);
          expect(found.hoop).toBeGreaterThan(found.pressure);
        },
      ),
      { seed: 21 },
    );
  });
  it('a thinner hub is nearer to splitting for its pressure', () => {
    const thin = driveUp({ ...hub, hubDiameter: 40 });
    const thick = driveUp({ ...hub, hubDiameter: 80 });
    expect(thin.hoop / thin.pressure).toBeGreaterThan(thick.hoop / thick.pressure);
    expect(driveUp({ ...hub, advance: 0 }).ofYield).toBe(0);
  });
  it('hub and hollow shaft both are held to the largest difference of their stresses', () => {
    const steel = { ...hub, hub: ELASTIC.steel, diameter: 40, hubDiameter: 80, advance: 1 };
    expect(driveUp(steel).hubOfYield).toBeCloseTo(1.43, 2);
    expect(driveUp(steel).ofYield).toBe(driveUp(steel).hubOfYield);
    // A shaft bored nearly away gives before the hub does: twice the pressure over what wall is left.
    const thin = driveUp({ ...steel, shaftBore: 34 });
    expect(thin.shaftOfYield).toBeCloseTo((2 * thin.pressure * 1600) / (1600 - 34 ** 2) / 300, 9);
    expect(thin.ofYield).toBe(thin.shaftOfYield);
  });
  it.each([
    [{ hubDiameter: 30 }, 'hubDiameter'],
    [{ shaftBore: 40 }, 'shaftBore'],
    [{ advance: -1 }, 'advance'],
    [{ diameter: 0 }, 'diameter'],
  ])('refuses %j', (over, field) => {
    expect(() => driveUp({ ...hub, ...over })).toThrow(expect.objectContaining({ field }));
  });
});
