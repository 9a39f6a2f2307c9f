import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestOn } from './nearestOn';
import { sampled, type Piece } from './piece';
import { Surface } from './rest';
import { shapeCurve } from './shapeCurve';
import { real } from '../real.testdata';

const arc = (z: number, r: number, radius: number, from: number, sweep: number): Piece => ({
  kind: 'arc',
  c: { z, r },
  radius,
  from,
  sweep,
});
const pieces: fc.Arbitrary<Piece[]> = fc.array(
  fc.oneof(
    fc
      .record({
        z: real(0, 30),
        r: real(2, 12),
        radius: real(0.5, 12),
        from: real(-3, 3),
        sweep: real(-3, 3),
      })
      .map((a) => arc(a.z, a.r, a.radius, a.from, a.sweep)),
    fc
      .record({ z: real(0, 30), r: real(2, 12), dz: real(-10, 10), dr: real(-6, 6) })
      .map(({ z, r, dz, dr }): Piece => ({ kind: 'line', a: { z, r }, b: { z: z + dz, r: r + dr } })),
  ),
  { minLength: 1, maxLength: 6 },
);

describe('a nose resting on pieces', () => {
  it('stands as high as the highest of brute force, and touches what it stands on', () => {
    fc.assert(
      fc.property(pieces, real(0.1, 5), real(0, 1), (given, nose, part) => {
        const surface = new Surface(given);
        const z = surface.from + part * (surface.to - surface.from);
        const found = surface.rest(z, nose);
        const points = given.flatMap((piece) => sampled([piece], 0.004, 1e-7));
        const brute = Math.max(
          ...points
            .filter((p) => Math.abs(p.z - z) <= nose)
            .map((p) => p.r + Math.sqrt(nose * nose - (p.z - z) ** 2)),
        );
        fc.pre(Number.isFinite(brute));
        expect(found!.r).toBeGreaterThan(brute - 1e-6);
        // A sample beside the touch is lower by how steep the nose is there: none below it by more.
        expect(found!.r - brute).toBeLessThan(0.06);
        expect(Math.hypot(found!.touch.z - z, found!.touch.r - found!.r)).toBeCloseTo(nose, 6);
        expect(Math.abs(nearestOn(given, found!.touch).off)).toBeLessThan(1e-6);
      }),
      { numRuns: 150, seed: 4 },
    );
  });
  it('beyond the ends by more than the nose there is nothing to rest on', () => {
    const surface = new Surface(
      shapeCurve([
        { z: 0, r: 10 },
        { z: 20, r: 12, run: 'arc', radius: 30, bulge: 'out' },
      ]),
    );
    expect(surface.rest(-1.1, 1)).toBeNull();
    expect(surface.rest(21.1, 1)).toBeNull();
    const { touch } = surface.rest(-0.5, 1)!;
    expect([touch.z, touch.r]).toEqual([expect.closeTo(0, 9), expect.closeTo(10, 9)]);
  });
  it('a nose of nothing is the profile’s own height; an upright wall counts by its top', () => {
    const surface = new Surface(
      shapeCurve([
        { z: 0, r: 10 },
        { z: 10, r: 10 },
        { z: 10, r: 14 },
        { z: 20, r: 14 },
      ]),
    );
    expect([5, 10, 15].map((z) => surface.height(z))).toEqual([10, 14, 14]);
    expect(surface.height(-4)).toBe(10);
  });
  it('in a hollow tighter than itself it hangs on the edges; in a wider one it reaches the bottom', () => {
    const hollow = [arc(0, 20, 4, Math.PI, Math.PI)];
    const surface = new Surface(hollow);
    expect(surface.rest(0, 2)!.r).toBeCloseTo(18, 9);
    expect(surface.rest(0, 5)!.r).toBeCloseTo(20 + 3, 9);
  });
});
