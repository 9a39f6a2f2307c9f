import { AnelloError } from '@anello/core/basics';
import { parseQuantity } from '@anello/core/quantity';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inTex } from './inTex';
import { typedEntry, withUnit } from './typedEntry';
import { typeset } from './typeset';

describe('what was typed, as it is kept', () => {
  it.each([
    ['12.5', 'mm', '12.5 mm', 12.5],
    ['1-5/16', 'in', '1-5/16 in', 33.3375],
    ['7/64 in', 'mm', '7/64 in', 2.778125],
    [' 3 mm ', 'in', '3 mm', 3],
  ] as const)('%s in %s is kept as %s', (typed, unit, kept, value) => {
    expect(typedEntry(typed, 'length', unit)).toEqual({ typed: kept, value: expect.closeTo(value, 9) });
  });
  it('reads back as the same value whatever the units of the screen are by then', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 500, noNaN: true }),
        fc.double({ min: 0.001, max: 50, noNaN: true }),
        fc.constantFrom('mm' as const, 'in' as const),
        (a, b, unit) => {
          for (const text of [`${a.toFixed(4)}`, `${a.toFixed(3)}+${b.toFixed(3)}`, `2*${b.toFixed(3)}`]) {
            const { typed, value } = typedEntry(text, 'length', unit);
            for (const later of ['mm', 'in'] as const)
              expect(
                parseQuantity({ text: typed, dimension: 'length', defaultUnit: later }).value,
              ).toBeCloseTo(value, 9);
          }
        },
      ),
      { numRuns: 60, seed: 1 },
    );
  });
  it('angles keep their degrees, numbers stay bare, and nonsense stays as it is', () => {
    expect(withUnit('8', 'angle', 'deg')).toBe('8°');
    expect(withUnit('90', 'number', '1')).toBe('90');
    expect(withUnit('about so', 'length', 'mm')).toBe('about so');
    expect(() => typedEntry('about so', 'length', 'mm')).toThrow(AnelloError);
  });
  it('is kept without the spaces round it', () => {
    expect(typedEntry('  5 mm ', 'length', 'in').typed).toBe('5 mm');
    expect(typedEntry(' 5 ', 'length', 'mm').typed).toBe('5 mm');
    expect(withUnit(' 12 ', 'angle', 'deg')).toBe('12°');
  });
});

describe('a formula', () => {
  it('has the figures of the screen in it, angles as a shop writes them, and is MathML', () => {
    expect(inTex('−0.026\u00a0mm')).toBe('-0.026\\,\\mathrm{mm}');
    expect(inTex('1°26′16″')).toBe('\\text{1°26′16″}');
    expect(inTex('1:19.922')).toBe('1{:}19.922');
    const html = typeset(`\\arctan\\tfrac12(${inTex('1:19.922')}) = ${inTex('1°26′16″')}`);
    expect(html).toMatch(/^<math/);
    expect(html).toContain('1°26′16″');
    expect(html).not.toContain('temml-error');
  });
  it('is in two where a line may be broken: after its equals sign', () => {
    const sides = typeset('\\left(1 + 2\\right) \\times \\sin 1 \\le 3').split('<wbr>');
    expect(sides).toHaveLength(2);
    for (const side of sides) expect(side).toMatch(/^<math>.*<\/math>$/s);
    expect(sides[0]).toContain('≤');
    expect(typeset('\\tan 3')).not.toContain('<wbr>');
  });
});
