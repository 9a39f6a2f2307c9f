import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stickOffset } from './stick';

describe('a centre-finder stick', () => {
  it('gives back the punch mark it was swung from, through its own lever', () => {
    const mark = fc.double({ min: -2, max: 2, noNaN: true });
    fc.assert(
      fc.property(
        mark,
        mark,
        fc.integer({ min: 5, max: 40 }),
        fc.integer({ min: 100, max: 300 }),
        (x, y, short, long) => {
          // With a jaw up, the mark's height along that jaw, turned over and enlarged at the needle.
          const seen = [0, 1, 2, 3].map((jaw) => {
            const t = (jaw * Math.PI) / 2;
            return (-(x * Math.cos(t) + y * Math.sin(t)) * long) / short;
          });
          const found = stickOffset({ readings: seen, short, long });
          expect(found.x).toBeCloseTo(x, 9);
          expect(found.y).toBeCloseTo(y, 9);
        },
      ),
      { seed: 7 },
    );
  });
  it.each([
    [{ readings: [0, 0, 0, 0], short: 0, long: 100 }, 'short'],
    [{ readings: [0, 0, 0, 0], short: 10, long: -1 }, 'long'],
    [{ readings: [0, Number.NaN, 0, 0], short: 10, long: 100 }, 'readings.1'],
    [{ readings: [0, 0, 0], short: 10, long: 100 }, 'readings.3'],
  ])('refuses %j at %s', (given, field) => {
    expect(() => stickOffset(given)).toThrow(expect.objectContaining({ field }));
  });
});
