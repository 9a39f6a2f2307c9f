import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HOLE_FITS, SHAFT_FITS, shaftLimits, sizeLimits } from './index';

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
  ] as const)('%s at %d mm is %d to %d µm', (fit, diameter, low, high) => {
    const { least, most } = shaftLimits({ diameter, fit });
    expect((least - diameter) * 1000).toBeCloseTo(low, 6);
    expect((most - diameter) * 1000).toBeCloseTo(high, 6);
  });
  it('goes no further than the table', () => {
    expect(() => shaftLimits({ diameter: 501, fit: 'h7' })).toThrow(/500 mm/);
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
