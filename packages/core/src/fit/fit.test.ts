import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { holeLimits, HOLE_FITS, SHAFT_FITS, shaftLimits, sizeLimits } from './index';

describe('shafts by the ISO system', () => {
  it.each([
    ['g6', 40, -25, -9],
    ['h7', 40, -25, 0],
    ['k6', 40, 2, 18],
    ['n6', 25, 15, 28],
    ['p6', 60, 32, 51],
    ['f7', 10, -28, -13],
    ['m6', 6, 4, 12],
    ['h9', 3, -25, 0],
    ['k6', 3, 0, 6],
    ['h5', 20, -9, 0],
    ['h11', 75, -190, 0],
    ['e8', 45, -89, -50],
    ['d9', 28, -117, -65],
    ['js6', 50, -8, 8],
    ['r6', 64, 41, 60],
    ['r6', 66, 43, 62],
    ['r6', 110, 54, 76],
    ['s6', 20, 35, 48],
    ['s6', 70, 59, 78],
    ['s6', 210, 130, 159],
    ['s6', 500, 252, 292],
  ] as const)('%s at %d mm is %d to %d µm', (fit, diameter, low, high) => {
    const { least, most } = shaftLimits({ diameter, fit });
    expect((least - diameter) * 1000).toBeCloseTo(low, 6);
    expect((most - diameter) * 1000).toBeCloseTo(high, 6);
  });
  it('goes no further than the table', () => {
    expect(() => shaftLimits({ diameter: 501, fit: 'h7' })).toThrow(/500 mm/);
  });
});

describe('holes by the ISO system', () => {
  it.each([
    ['H6', 40, 0, 16],
    ['H11', 12, 0, 110],
    ['G7', 40, 9, 34],
    ['F8', 25, 20, 53],
    ['E9', 16, 32, 75],
    ['JS7', 40, -12.5, 12.5],
    // Presses, as table 2 of ISO 286-2 prints them.
    ['K7', 3, -10, 0],
    ['K7', 6, -9, 3],
    ['K7', 25, -15, 6],
    ['K7', 52, -21, 9],
    ['M7', 25, -21, 0],
    ['N7', 3, -14, -4],
    ['N7', 8, -19, -4],
    ['N7', 25, -28, -7],
    ['N7', 100, -45, -10],
    ['P7', 3, -16, -6],
    ['P7', 5, -20, -8],
    ['P7', 25, -35, -14],
    ['P7', 62, -51, -21],
    ['P7', 200, -79, -33],
  ] as const)('%s at %d mm is %d to %d µm', (fit, diameter, low, high) => {
    const { least, most } = holeLimits({ diameter, fit });
    expect((least - diameter) * 1000).toBeCloseTo(low, 6);
    expect((most - diameter) * 1000).toBeCloseTo(high, 6);
  });
  it('presses as much in the shaft’s system as in the hole’s', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3.01, max: 500, noNaN: true }),
        fc.constantFrom(['K7', 'k6'] as const, ['N7', 'n6'] as const, ['P7', 'p6'] as const),
        (diameter, [hole, shaft]) => {
          const basicHole =
            holeLimits({ diameter, fit: 'H7' }).most - shaftLimits({ diameter, fit: shaft }).least;
          const basicShaft =
            holeLimits({ diameter, fit: hole }).most - shaftLimits({ diameter, fit: 'h6' }).least;
          expect(basicShaft).toBeCloseTo(basicHole, 9);
        },
      ),
    );
  });
});

describe('what a size may be', () => {
  const of = (given: object, side: 'external' | 'internal' = 'external', size = 30) =>
    sizeLimits({ size, side, given });
  it('is the fit’s, or the drawing’s, or the general rule’s', () => {
    expect(of({ fit: 'h6' })).toEqual({ least: 29.987, most: 30, by: 'fit' });
    expect(of({ plus: 0.1 })).toEqual({ least: 30, most: 30.1, by: 'drawing' });
    expect(of({})).toEqual({ least: 29.8, most: 30.2, by: 'general' });
    expect(of({}, 'internal', 6)).toMatchObject({ least: 5.9, most: 6.1 });
    expect(of({ fit: 'H7' }, 'internal').most).toBeCloseTo(30.021, 9);
  });
  it('a fit of the other side, and limits with nothing between them, are refused at their box', () => {
    expect(() => of({ fit: 'H7' })).toThrow(expect.objectContaining({ field: 'fit' }));
    expect(() => of({ fit: 'h7' }, 'internal')).toThrow(expect.objectContaining({ field: 'fit' }));
    expect(() => of({ plus: -0.1, minus: 0.1 })).toThrow(expect.objectContaining({ field: 'plus' }));
  });
  it('always has something between least and most, and is the same for the fits with nothing said besides', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 500, noNaN: true }), fc.nat(), fc.boolean(), (size, n, hole) => {
        const fits = hole ? HOLE_FITS : SHAFT_FITS;
        const fit = fits[n % fits.length];
        const side = hole ? 'internal' : 'external';
        const { least, most } = sizeLimits({ size, side, given: { fit } });
        expect(most).toBeGreaterThan(least);
        expect(Math.abs(least - size)).toBeLessThan(0.5);
      }),
    );
  });
});
