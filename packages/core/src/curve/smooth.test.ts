import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestOn } from './nearestOn';
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
const TOLERANCE = 1e-4;
type Points = ReturnType<typeof smooth>;
const smoothed = (given: Points, tolerance = TOLERANCE): Points => smooth(given, tolerance);
/** Where in the curve each given point is. */
const placesOf = (curve: Points, given: Points): number[] =>
  given.map((p) => curve.findIndex((c) => Math.hypot(c.z - p.z, c.r - p.r) < 1e-8));

describe('a smooth curve through points', () => {
  it('goes through every one of them, in order', () => {
    fc.assert(
      fc.property(points, (given) => {
        const curve = smoothed(given);
        const places = placesOf(curve, given);
        expect(places[0]).toBe(0);
        expect(places.at(-1)).toBe(curve.length - 1);
        places.slice(1).forEach((place, i) => expect(place).toBeGreaterThan(places[i]!));
      }),
      { seed: 1 },
    );
  });
  it('has no corner anywhere: its heading turns a little from chord to chord', () => {
    fc.assert(
      fc.property(points, (given) => {
        const curve = smoothed(given, 1e-6);
        const places = placesOf(curve, given);
        const headings = curve.slice(1).map((p, i) => Math.atan2(p.r - curve[i]!.r, p.z - curve[i]!.z));
        for (let i = 1; i < given.length - 1; i++) {
          const at = places[i]!;
          const [before, after] = [headings[at - 1]!, headings[at]!];
          const turn = Math.abs(Math.atan2(Math.sin(after - before), Math.cos(after - before)));
          const near = [headings[at - 2] ?? before, headings[at + 1] ?? after] as const;
          const around = Math.abs(Math.atan2(Math.sin(near[1] - near[0]), Math.cos(near[1] - near[0])));
          expect(turn).toBeLessThan(around + 0.05);
        }
      }),
      { seed: 2 },
    );
  });
  it('keeps its chords within the tolerance, with no more of them than that takes', () => {
    fc.assert(
      fc.property(points, (given) => {
        const coarse = smoothed(given, 1e-2);
        const fine = smoothed(given, 1e-4);
        // A hundred times the tolerance takes a tenth of the chords, but for one between neighbours at least.
        expect(coarse.length).toBeLessThan(fine.length / 8 + given.length);
        const chords = coarse.slice(1).map((b, i) => ({ kind: 'line', a: coarse[i]!, b }) as const);
        for (const p of fine) {
          const { foot } = nearestOn(chords, p);
          expect(Math.hypot(foot.z - p.z, foot.r - p.r)).toBeLessThan(1.01e-2);
        }
      }),
      { seed: 4, numRuns: 20 },
    );
  });
  it('points lying closer than the curve bends need none between, however many they are', () => {
    const near = Array.from({ length: 2000 }, (_, i) => ({ z: i / 20, r: 20 + 3 * Math.sin(i / 200) }));
    expect(smoothed(near, 2e-4)).toHaveLength(2000);
    expect(() => smoothed(Array.from({ length: 2000 }, (_, i) => ({ z: i, r: i % 2 ? 1 : 400 })))).toThrow(
      /more places/,
    );
  });
  it('points on a straight stay on it, and two points are two points', () => {
    const straight = [0, 3, 10, 14].map((z) => ({ z, r: 5 + z / 2 }));
    for (const p of smoothed(straight)) expect(p.r).toBeCloseTo(5 + p.z / 2, 9);
    expect(smoothed(straight.slice(0, 2))).toEqual(straight.slice(0, 2));
  });
  it('is the natural cubic of the textbooks on evenly spaced points', () => {
    // Through 0, 1, 0 at 0, h, 2h the natural spline's middle second derivative is −3 over h².
    const flat = [
      { z: 0, r: 10 },
      { z: 10, r: 10.01 },
      { z: 20, r: 10 },
    ];
    const curve = smoothed(flat, 1e-9);
    const at = (z: number): number =>
      curve.reduce((a, b) => (Math.abs(b.z - z) < Math.abs(a.z - z) ? b : a)).r;
    // A quarter along: y = 1.5 t − 0.5 t³ at t = 0.5.
    expect((at(5) - 10) / 0.01).toBeCloseTo(1.5 * 0.5 - 0.5 * 0.125, 2);
  });
  it('turned end for end it is the same curve', () => {
    fc.assert(
      fc.property(points, (given) => {
        const there = smoothed(given);
        const back = smoothed([...given].reverse()).reverse();
        there.forEach((p, i) => {
          expect(back[i]!.z).toBeCloseTo(p.z, 6);
          expect(back[i]!.r).toBeCloseTo(p.r, 6);
        });
      }),
      { seed: 3, numRuns: 30 },
    );
  });
});
