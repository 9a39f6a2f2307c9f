import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { advanceFromInfeed } from './advanceFromInfeed';
import { readStations } from './readStations';
import { stockFromStandOff } from './stockFromStandOff';

const a = Math.atan(1 / 19.922 / 2);

describe('stand-off and infeed', () => {
  it('feeding what the stand-off says brings the gauge to its line', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 12, noNaN: true }),
        fc.double({ min: 0.01, max: 0.8, noNaN: true }),
        (standOff, halfAngle) => {
          const left = stockFromStandOff({ standOff, halfAngle });
          expect(advanceFromInfeed({ infeed: left.radius, dial: 'radius', halfAngle }).advance).toBeCloseTo(
            standOff,
            9,
          );
          expect(
            advanceFromInfeed({ infeed: left.diameter, dial: 'diameter', halfAngle }).advance,
          ).toBeCloseTo(standOff, 9);
        },
      ),
    );
  });
  it('is about 40 µm of radius for 1.6 mm on a Morse', () => {
    expect(stockFromStandOff({ standOff: 1.6, halfAngle: a }).radius).toBeCloseTo(0.04, 3);
  });
});

describe('reading stations', () => {
  const read = (readings: { at: number; seen: number }[], resolution = 0.001) =>
    readStations({ readings, travelAlong: 'axis', wanted: a, band: 4e-5, resolution });

  it('recovers the angle through the indicator’s own rounding', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.005, max: 0.2, noNaN: true }), (angle) => {
        const readings = [25, 50, 75].map((at) => ({
          at,
          seen: Math.round((at * Math.tan(angle)) / 0.001) * 0.001,
        }));
        const fit = read(readings);
        expect(['slope', 'wrong-handle']).toContain(fit.pattern);
        expect(Math.abs((fit.halfAngle ?? 0) - angle)).toBeLessThan(0.0005 / 25);
      }),
    );
  });
  it('a reading no taper could give is called a slip, not corrected from', () => {
    for (const seen of [9999, -9999])
      expect(read([{ at: 75, seen }])).toMatchObject({ pattern: 'unsteady', halfAngle: null });
  });
  it('one reading is enough for an angle, none is not', () => {
    expect(read([{ at: 75, seen: 1.893 }]).halfAngle).toBeCloseTo(Math.atan(1.893 / 75), 12);
    expect(read([]).pattern).toBe('too-few');
  });
});
