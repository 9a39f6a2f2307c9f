import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { angle, count, degrees, length, perFoot, ratio, temperature, TENTH_OF_DEGREE } from './figure';
import { formatFigure } from './format';
import { parseQuantity } from '../quantity/parseQuantity';
import { decimalsFor, snap, snapDown } from './round';

const D = Math.PI / 180;
const text = (figure: Parameters<typeof formatFigure>[0], system: 'mm' | 'inch' = 'mm') =>
  formatFigure(figure, system).replace('\u00a0', ' ');

describe('figures at an instrument’s resolution', () => {
  it('shows a 0.02 mm dial in 0.02 steps', () => {
    expect(text(length(1.8824, 0.02))).toBe('1.88 mm');
    expect(text(length(1.8924, 0.02))).toBe('1.90 mm');
  });
  it('shows a thousandth dial in thou, and a metric indicator in inches fine enough to lose nothing', () => {
    expect(text(length(1.8824, 0.0254), 'inch')).toBe('0.074 in');
    expect(text(length(1.8824, 0.001), 'inch')).toBe('0.07411 in');
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 500, noNaN: true }),
        fc.constantFrom(0.001, 0.01, 0.1),
        (mm, step) => {
          const read = 25.4 * Number(text(length(mm, step), 'inch').replace(' in', ''));
          expect(Math.abs(read - mm)).toBeLessThanOrEqual(step / 2);
        },
      ),
    );
  });
  it('does not round a figure in inches to steps of a millimetre', () => {
    expect(text(length(1.0625 * 25.4, 0.01), 'inch')).toBe('1.0625 in');
    expect(text(length(0.201 * 25.4, 0.001), 'inch')).toBe('0.20100 in');
    expect(text(length(-1.0625 * 25.4, 0.01), 'inch')).toBe('−1.0625 in');
    // A dial in thou is set to thou, whatever the figure is.
    expect(text(length(1.0627 * 25.4, 0.0254), 'inch')).toBe('1.063 in');
  });
  it('writes signs, true minus and no negative zero', () => {
    expect(text(length(0.026, 0.001, { signed: true }))).toBe('+0.026 mm');
    expect(text(length(0.0004, 0.001, { signed: true }))).toBe('0.000 mm');
    expect(text(length(-0.026, 0.001))).toBe('−0.026 mm');
    expect(text(length(-0.0001, 0.001))).toBe('0.000 mm');
  });
  it('writes angles in degrees, minutes and seconds to the scale they are set on', () => {
    expect(text(angle(Math.atan(1 / 19.922 / 2)))).toBe('1°26′16″');
    expect(text(angle(1.4378 * D, D / 60))).toBe('1°26′');
    expect(text(angle(30 * (D / 3600)))).toBe('30″');
    expect(text(angle(59.9999 * (D / 60)))).toBe('1°00′00″');
    expect(text(angle(0.04 * (D / 3600), D / 36_000))).toBe('0.0″');
    expect(text(angle(6.84 * (D / 3600), D / 36_000))).toBe('6.8″');
    expect(text(angle(-1.4378 * D, D / 36_000))).toBe('−1°26′16.1″');
    expect(text(angle(59.98 * (D / 3600), D / 36_000))).toBe('1′00.0″');
  });
  it('writes ratios and counts', () => {
    expect(text(ratio(1 / 19.922))).toBe('1:19.922');
    expect(text(ratio(1 / 12))).toBe('1:12');
    expect(text(ratio(1 / 123.456))).toBe('1:123.5');
    expect(text(ratio(-1 / 123.456))).toBe('1:−123.5');
    expect(text(count(3))).toBe('3');
    expect(text(perFoot(0.60235 / 12))).toBe('0.60235 in/ft');
    expect(text(degrees(8 * D))).toBe('8.00000°');
    expect([text(temperature(220)), text(temperature(220), 'inch')]).toEqual(['220 °C', '428 °F']);
    expect(text(degrees(112.4499 * D, TENTH_OF_DEGREE))).toBe('112.4°');
  });
  it('never strays from the value by more than half the resolution', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -500, max: 500, noNaN: true }),
        fc.constantFrom(0.001, 0.002, 0.005, 0.01, 0.02, 0.05, 0.1),
        (v, r) => {
          const shown = Number(text(length(v, r)).replace(' mm', '').replace('−', '-'));
          return Math.abs(shown - v) <= r / 2 + 1e-9;
        },
      ),
    );
  });
});

describe('rounding', () => {
  it('knows how many decimals a resolution needs', () => {
    expect([1, 0.1, 0.02, 0.025, 0.0005, 0.001 / 25.4].map(decimalsFor)).toEqual([0, 1, 2, 3, 4, 5]);
  });
  it('snaps down without losing a whole step to floating point', () => {
    expect(snapDown(0.3, 0.1)).toBeCloseTo(0.3, 12);
    expect(snapDown(0.3999, 0.1)).toBeCloseTo(0.3, 12);
    expect(snap(0.26, 0.1)).toBeCloseTo(0.3, 12);
  });
});

describe('parse, format, parse again', () => {
  const cases = [
    ['length', 'mm', (v: number) => length(v, 0.0001)],
    ['angle', 'rad', (v: number) => angle(v)],
  ] as const;
  it('a figure as it is shown can be typed back, and means the same to its resolution', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1.4, noNaN: true }), fc.boolean(), (value, inch) => {
        for (const [dimension, defaultUnit, figure] of cases) {
          const shown = formatFigure(figure(value), inch ? 'inch' : 'mm');
          const read = parseQuantity({ text: shown, dimension, defaultUnit });
          const again = formatFigure(figure(read.value), inch ? 'inch' : 'mm');
          expect(again).toBe(shown);
        }
      }),
      { seed: 4 },
    );
  });
  it('the canonical reading back reads as the same value', () => {
    for (const text of ['7/64 in', '1-5/16 in', '12,5 mm', '5 thou', '2*0.312 in+1/16 in']) {
      const first = parseQuantity({ text, dimension: 'length', defaultUnit: 'mm' });
      const second = parseQuantity({ text: first.canonical, dimension: 'length', defaultUnit: 'mm' });
      expect(second.value).toBeCloseTo(first.value, 9);
    }
  });
});
