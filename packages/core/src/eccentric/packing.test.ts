import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nextPacking, packingPlan, throwFromPacking } from './packingPlan';
import { real } from '../real.testdata';

/**
 * By force: three jaws at one radius R, the first with packing before it. Presses a circle into them by moving its
 * centre along the first jaw's line until it rests on the plain two, and measures what is left to the first.
 */
function packingByForce(diameter: number, e: number, wide: boolean): number {
  const r = diameter / 2;
  // Work displaced e away from the packed jaw, which stands along +x.
  const centre = { x: -e, y: 0 };
  // How far out along a plain jaw's line its face stands when it touches the circle.
  const touches = (direction: number): number => {
    const [ux, uy] = [Math.cos(direction), Math.sin(direction)];
    let out = 0;
    for (let t = 0; t < 2 * Math.PI; t += 1e-4) {
      const [px, py] = [centre.x + r * Math.cos(t), centre.y + r * Math.sin(t)];
      const along = px * ux + py * uy;
      const aside = Math.abs(py * ux - px * uy);
      if (wide || aside < 2e-3) out = Math.max(out, along);
    }
    return out;
  };
  return touches((2 * Math.PI) / 3) - (centre.x + r);
}

describe('packing one jaw of a three-jaw', () => {
  it.each([
    [54, 4.75],
    [40, 9],
    [30, 1],
  ])('⌀%d thrown %d agrees with pressing a circle into jaws, both faces', (diameter, e) => {
    for (const jaws of ['narrow', 'wide'] as const) {
      const { exact } = packingPlan({ diameter, throw: e, jaws, step: 0.01 });
      expect(exact).toBeCloseTo(packingByForce(diameter, e, jaws === 'wide'), 2);
    }
  });
  it('the throw comes back out of the packing; the made size says what it costs in the travel', () => {
    fc.assert(
      fc.property(
        real(10, 100),
        real(0.02, 0.8),
        fc.constantFrom('narrow' as const, 'wide' as const),
        (diameter, part, jaws) => {
          const e = (part * diameter) / 2;
          const plan = packingPlan({ diameter, throw: e, jaws, step: 0.01 });
          expect(throwFromPacking({ diameter, packing: plan.exact, jaws })).toBeCloseTo(e, 9);
          expect(Math.abs(plan.made - plan.exact)).toBeLessThan(0.00501);
          expect(plan.travelError).toBeCloseTo(2 * (plan.throw - e), 12);
          expect(plan.otherFace > plan.exact).toBe(jaws === 'narrow');
        },
      ),
      { seed: 1 },
    );
  });
  it('corrected by 1.5 times the error it closes in on the throw wanted', () => {
    fc.assert(
      fc.property(real(30, 80), real(0.05, 0.3), real(-0.3, 0.3), (diameter, part, slip) => {
        const wanted = (part * diameter) / 2;
        // Jaws that bear a little differently from both models: the first packing is off by a slip.
        const truth = (packing: number): number =>
          throwFromPacking({ diameter, packing: packing + slip, jaws: 'narrow' });
        let { made } = packingPlan({ diameter, throw: wanted, jaws: 'narrow', step: 0.001 });
        for (let i = 0; i < 3; i++)
          made = nextPacking({ packing: made, wanted, swing: 2 * truth(made) }).packing;
        expect(truth(made)).toBeCloseTo(wanted, 2);
      }),
      { seed: 2 },
    );
    expect(nextPacking({ packing: 6.8, wanted: 4.75, swing: 9.3 }).change).toBeCloseTo(0.15, 9);
  });
  it.each([
    [() => packingPlan({ diameter: 20, throw: 11, jaws: 'narrow', step: 0.01 }), 'throw'],
    [() => packingPlan({ diameter: 20, throw: 3, jaws: 'narrow', step: 0 }), 'step'],
    [() => throwFromPacking({ diameter: 20, packing: 40, jaws: 'wide' }), 'packing'],
    [() => nextPacking({ packing: 1, wanted: 0.2, swing: 9 }), 'swing'],
  ])('refuses what cannot be, at its field %#', (work, field) => {
    expect(work).toThrow(expect.objectContaining({ field }));
  });
});

describe('packing, from the jaws’ own geometry', () => {
  it('the plain jaws’ faces stand where the work’s centre and the packing put them', () => {
    fc.assert(
      fc.property(real(20, 80), real(0.02, 0.4), (diameter, share) => {
        const e = (share * diameter) / 2;
        for (const jaws of ['narrow', 'wide'] as const) {
          const plan = packingPlan({ diameter, throw: e, jaws, step: 1e-6 });
          expect(plan.jawsAt).toBeCloseTo(diameter / 2 - e + plan.exact, 9);
          // Change of packing for a change of throw, by a small difference.
          const h = 1e-4;
          const near = (at: number): number => packingPlan({ diameter, throw: at, jaws, step: 1e-6 }).exact;
          expect(plan.perThrow).toBeCloseTo((near(e + h) - near(e - h)) / (2 * h), 4);
          expect(throwFromPacking({ diameter, packing: plan.exact, jaws })).toBeCloseTo(e, 6);
        }
      }),
      { seed: 5, numRuns: 60 },
    );
  });
  it('what it is out by is of the whole travel, plus where the packing came out thick', () => {
    const plan = packingPlan({ diameter: 54, throw: 4.75, jaws: 'wide', step: 0.5 });
    expect(plan.made).toBe(7);
    expect(plan.travelError).toBeCloseTo(2 * (plan.throw - 4.75), 12);
    expect(Math.sign(plan.travelError)).toBe(Math.sign(plan.made - plan.exact));
    expect(plan.otherFace).toBeCloseTo(
      packingPlan({ diameter: 54, throw: 4.75, jaws: 'narrow', step: 0.5 }).exact,
      12,
    );
  });
  it('a swing that asks for none is refused, and one short of that is not', () => {
    expect(() => nextPacking({ packing: 1.5, wanted: 4, swing: 10 })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'swing' }),
    );
    expect(nextPacking({ packing: 1.6, wanted: 4, swing: 10 }).packing).toBeCloseTo(0.1, 9);
  });
});
