import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bestFit } from './bestFit';
import { sampled } from './piece';
import { shapeCurve } from './shapeCurve';
import { real } from '../real.testdata';
import { handle } from './profiles.testdata';

describe('measured against wanted', () => {
  it('a shift that was put in comes back out, and what is left is what was left', () => {
    fc.assert(
      fc.property(real(-0.4, 0.4), real(-0.3, 0.3), (dz, dr) => {
        const measured = sampled(handle, 3).map((p) => ({ z: p.z - dz, r: p.r - dr }));
        const fit = bestFit({ pieces: handle, measured });
        expect(fit.shift.r).toBeCloseTo(dr, 2);
        expect(fit.rms).toBeLessThan(0.012);
      }),
      { numRuns: 30, seed: 6 },
    );
  });
  it('one place too fat is the worst place, and outward is more than nothing', () => {
    const measured = sampled(handle, 2).map((p, i) => (i === 12 ? { z: p.z, r: p.r + 0.2 } : p));
    const fit = bestFit({ pieces: handle, measured });
    expect(fit.worst.at).toEqual(measured[12]);
    expect(fit.worst.off).toBeGreaterThan(0.1);
  });
  it('a plain cylinder cannot say where along it lies, and is not moved there', () => {
    const plain = shapeCurve([
      { z: 0, r: 10 },
      { z: 40, r: 10 },
    ]);
    const fit = bestFit({ pieces: plain, measured: [5, 15, 25].map((z) => ({ z, r: 10.1 })) });
    expect(fit.shift.z).toBeCloseTo(0, 6);
    expect(fit.shift.r).toBeCloseTo(-0.1, 6);
  });
  it('a scale is found where it is asked for', () => {
    const measured = sampled(handle, 2).map((p) => ({ z: p.z / 1.01, r: p.r / 1.01 }));
    expect(bestFit({ pieces: handle, measured, withScale: true }).scale).toBeCloseTo(1.01, 2);
  });
  it.each([
    [[{ z: 0, r: 1 }], 'measured'],
    [
      [
        { z: 0, r: 1 },
        { z: Number.NaN, r: 1 },
        { z: 2, r: 1 },
      ],
      'measured.1',
    ],
  ])('refuses %j at %s', (measured, field) => {
    expect(() => bestFit({ pieces: handle, measured })).toThrow(expect.objectContaining({ field }));
  });
});
