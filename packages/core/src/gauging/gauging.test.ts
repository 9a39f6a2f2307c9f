import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { advanceFromInfeed } from './advanceFromInfeed';
import { normalFrom, seeded } from '../machine/seeded';
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
  it('a straight slide is called straight whatever its scatter, and more readings never say less', () => {
    const uniform = seeded(5);
    for (const count of [3, 5, 7, 15]) {
      let [wrong, inside] = [0, 0];
      const RUNS = 400;
      for (let run = 0; run < RUNS; run++) {
        const zero = 0.002 * normalFrom(uniform);
        const readings = Array.from({ length: count }, (_, i) => {
          const at = (75 * (i + 1)) / count;
          return { at, seen: at * Math.tan(a) + 0.002 * normalFrom(uniform) - zero };
        });
        const found = read(readings);
        if (found.pattern !== 'slope') wrong++;
        if (Math.abs(found.halfAngle! - a) <= found.uncertainty!) inside++;
      }
      expect(wrong / RUNS).toBeLessThan(0.05);
      expect(inside / RUNS).toBeGreaterThan(0.85);
    }
  });
  it('a step and a bow that stand out are still told, the surer the more is read', () => {
    const uniform = seeded(6);
    for (const [pattern, shape] of [
      ['lash', () => -0.03],
      ['bow', (t: number) => 0.08 * t * (1 - t)],
    ] as const) {
      let told = 0;
      for (let run = 0; run < 200; run++) {
        const readings = Array.from({ length: 7 }, (_, i) => {
          const at = (75 * (i + 1)) / 7;
          return { at, seen: at * Math.tan(a) + shape(at / 75) + 0.002 * normalFrom(uniform) };
        });
        if (read(readings).pattern === pattern) told++;
      }
      expect(told).toBeGreaterThan(180);
    }
  });
  /** As read by an indicator of a micrometre at places along 75 mm, each off the even climb by so many divisions. */
  const off = (...divisions: number[]) =>
    read(
      divisions.map((by, i) => {
        const at = (75 * (i + 1)) / divisions.length;
        return { at, seen: at * Math.tan(a) + by * 0.001 };
      }),
    );
  it('three stations tell a step between the start and the first, two tell none', () => {
    expect(off(-30, -30, -30)).toMatchObject({ pattern: 'lash', step: expect.closeTo(0.03, 9) });
    expect(off(-30, -30).pattern).not.toBe('lash');
    expect(off(-30, -30)).toMatchObject({ step: 0 });
  });
  it('a step that the indicator hardly shows is none, however evenly it is read', () => {
    const step = (by: number) => off(...Array.from({ length: 40 }, () => -by));
    expect([step(1.4).pattern, step(1.6).pattern]).toEqual(['slope', 'lash']);
    // Lash is travel that moves nothing: a needle that is ahead is something else.
    expect(step(-30).pattern).not.toBe('lash');
  });
  it('readings that scatter by more than five divisions say that something is loose', () => {
    const swinging = (by: number) => off(...Array.from({ length: 24 }, (_, i) => (i % 2 ? by : -by)));
    expect([swinging(4.8).pattern, swinging(5.3).pattern]).toEqual(['slope', 'unsteady']);
    expect(swinging(5.3).scatter).toBeGreaterThan(0.005);
  });
  it('the start is no station: alone it is too few', () => {
    expect(read([{ at: 0, seen: 0 }])).toEqual({
      pattern: 'too-few',
      halfAngle: null,
      uncertainty: null,
      step: 0,
      scatter: 0,
    });
  });
});
