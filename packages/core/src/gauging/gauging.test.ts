import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { advanceFromInfeed } from './advanceFromInfeed';
import { CONTACTS, readContact } from './contact';
import { angleFromContact } from './correctedAngle';
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

describe('contact', () => {
  it('a shank and a bore read the same picture the opposite way', () => {
    expect(readContact('external', 'large').cause).toBe('too-steep');
    expect(readContact('internal', 'small').cause).toBe('too-steep');
    expect(readContact('external', 'small').cause).toBe('too-shallow');
    expect(readContact('internal', 'large').cause).toBe('too-shallow');
  });
  it('agrees with geometry: a steeper shank touches a true sleeve at the sleeve’s mouth', () => {
    const gap = (z: number, slope: number): number => 12 - z * Math.tan(a) - (12 - z * slope);
    const steep = Math.tan(a) * 1.01;
    expect(gap(0, steep)).toBe(0);
    expect(gap(80, steep)).toBeGreaterThan(0);
    expect(readContact('external', 'large').cause).toBe('too-steep');
  });
  it('every picture has a cause, a reason and a next move', () => {
    for (const member of ['external', 'internal'] as const) {
      for (const contact of CONTACTS) {
        const { headline, reason, next } = readContact(member, contact);
        expect(Math.min(headline.length, reason.length, next.length)).toBeGreaterThan(10);
      }
    }
  });
  it('a swing larger than the whole taper is a slip, whichever end touched', () => {
    for (const contact of ['large', 'small'] as const) {
      expect(() =>
        angleFromContact({ member: 'external', contact, halfAngle: a, swing: 50, distance: 80, band: 4e-5 }),
      ).toThrow(expect.objectContaining({ code: 'impossible', field: 'swing' }));
    }
  });
  it('a clocked swing becomes an angle; without one the step is only a trial', () => {
    const clocked = angleFromContact({
      member: 'external',
      contact: 'large',
      halfAngle: a,
      swing: 0.04,
      distance: 80,
      band: 4e-5,
    });
    expect(clocked.basis).toBe('clocked');
    expect(2 * (Math.tan(clocked.halfAngle) - Math.tan(a))).toBeCloseTo(0.04 / 80, 12);
    const trial = angleFromContact({ member: 'external', contact: 'small', halfAngle: a, band: 4e-5 });
    expect(trial).toEqual({ halfAngle: a - 4e-5, basis: 'trial-step' });
    expect(angleFromContact({ member: 'external', contact: 'middle', halfAngle: a, band: 4e-5 }).basis).toBe(
      'none',
    );
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
