import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { smooth } from './smooth';

const points = fc
  .array(
    fc.record({
      dz: fc.double({ min: 1, max: 20, noNaN: true }),
      r: fc.double({ min: 2, max: 30, noNaN: true }),
    }),
    { minLength: 3, maxLength: 7 },
  )
  .map((steps) => {
    let z = 0;
    return steps.map(({ dz, r }) => ({ z: (z += dz), r }));
  });
const PER = 160;

describe('a smooth curve through points', () => {
  it('goes through every one of them, in order', () => {
    fc.assert(
      fc.property(points, (given) => {
        const curve = smooth(given);
        expect(curve).toHaveLength((given.length - 1) * PER + 1);
        given.forEach((p, i) => {
          expect(curve[i * PER]!.z).toBeCloseTo(p.z, 8);
          expect(curve[i * PER]!.r).toBeCloseTo(p.r, 8);
        });
      }),
      { seed: 1 },
    );
  });
  it('has no corner anywhere: its heading turns a little from chord to chord', () => {
    fc.assert(
      fc.property(points, (given) => {
        const curve = smooth(given);
        const headings = curve.slice(1).map((p, i) => Math.atan2(p.r - curve[i]!.r, p.z - curve[i]!.z));
        for (let i = 1; i < given.length - 1; i++) {
          const [before, after] = [headings[i * PER - 1]!, headings[i * PER]!];
          const turn = Math.abs(Math.atan2(Math.sin(after - before), Math.cos(after - before)));
          const near = [headings[i * PER - 2]!, headings[i * PER + 1]!] as const;
          const around = Math.abs(Math.atan2(Math.sin(near[1] - near[0]), Math.cos(near[1] - near[0])));
          expect(turn).toBeLessThan(around + 0.05);
        }
      }),
      { seed: 2 },
    );
  });
  it('points on a straight stay on it, and two points are two points', () => {
    const straight = [0, 3, 10, 14].map((z) => ({ z, r: 5 + z / 2 }));
    for (const p of smooth(straight)) expect(p.r).toBeCloseTo(5 + p.z / 2, 9);
    expect(smooth(straight.slice(0, 2))).toEqual(straight.slice(0, 2));
  });
  it('is the natural cubic of the textbooks on evenly spaced points', () => {
    // Through 0, 1, 0 at 0, h, 2h the natural spline's middle second derivative is −3 over h².
    const flat = [
      { z: 0, r: 10 },
      { z: 10, r: 10.01 },
      { z: 20, r: 10 },
    ];
    const curve = smooth(flat);
    const at = (z: number): number =>
      curve.reduce((a, b) => (Math.abs(b.z - z) < Math.abs(a.z - z) ? b : a)).r;
    // A quarter along: y = 1.5 t − 0.5 t³ at t = 0.5.
    expect((at(5) - 10) / 0.01).toBeCloseTo(1.5 * 0.5 - 0.5 * 0.125, 2);
  });
  it('turned end for end it is the same curve', () => {
    fc.assert(
      fc.property(points, (given) => {
        const there = smooth(given);
        const back = smooth([...given].reverse()).reverse();
        there.forEach((p, i) => {
          expect(back[i]!.z).toBeCloseTo(p.z, 6);
          expect(back[i]!.r).toBeCloseTo(p.r, 6);
        });
      }),
      { seed: 3, numRuns: 30 },
    );
  });
});
