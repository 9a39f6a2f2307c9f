import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { generateParser } from '../../../../scripts/grammar.mjs';
import { exactText } from '../figure/exactText';
import { parseQuantity } from './parseQuantity';
import type { DefaultUnit, Dimension } from './units';

const read = (text: string, dimension: Dimension = 'length', defaultUnit: DefaultUnit = 'mm') =>
  parseQuantity({ text, dimension, defaultUnit });
const DEG = Math.PI / 180;

describe('lengths as people write them', () => {
  const cases: [string, DefaultUnit, number][] = [
    ['7/64', 'in', 2.778125],
    ['1-5/16', 'in', 33.3375],
    ['1 5/16', 'in', 33.3375],
    ['.612', 'in', 15.5448],
    ['12,5', 'mm', 12.5],
    [',5', 'mm', 0.5],
    ['0,125', 'mm', 0.125],
    ['1,250.5', 'mm', 1250.5],
    ['1.250,5', 'mm', 1250.5],
    ['5 thou', 'mm', 0.127],
    ['74 1/2 thou', 'mm', 1.8923],
    ['3 tenths', 'mm', 0.00762],
    ['.0745in', 'mm', 1.8923],
    ['40 µm', 'mm', 0.04],
    ['40um', 'in', 0.04],
    ['1/2 in + 0.2 mm', 'mm', 12.9],
    ['2*0.312+1/16', 'in', (0.624 + 0.0625) * 25.4],
    ['(1 + 1/4) in', 'mm', 31.75],
    ['1½"', 'mm', 38.1],
    ['½', 'in', 12.7],
    ['5\' 3 1/2"', 'mm', 63.5 * 25.4],
    ['2 x 3.5', 'mm', 7],
    ['−4', 'mm', -4],
    ['1e-3 m', 'mm', 1],
    ['12 MM', 'in', 12],
    ['1/2 In', 'mm', 12.7],
    ['5 THOU', 'mm', 0.127],
    ['10 in / 4', 'mm', 63.5],
    ['3 - 5/16', 'in', (3 - 5 / 16) * 25.4],
    ['0.5-1/16', 'in', 0.4375 * 25.4],
    ['50 * tan(8.3)', 'mm', 50 * Math.tan(8.3 * DEG)],
    [`2 in * SIN 30°0'0"`, 'mm', 25.4],
    ['cos(30 + 30) * 10 mm', 'in', 5],
    ['sin(30) in', 'mm', 12.7],
    ['sqrt(3*3 + 4*4)', 'mm', 5],
    ['√2', 'in', Math.SQRT2 * 25.4],
    ['π * 10', 'mm', Math.PI * 10],
    ['2*pi', 'mm', 2 * Math.PI],
  ];
  it.each(cases)('%s (bare = %s) is %d mm', (text, unit, value) => {
    expect(read(text, 'length', unit).value).toBeCloseTo(value, 9);
  });
});

describe('angles and tapers', () => {
  const cases: [string, Dimension, DefaultUnit, number][] = [
    [`1°25'50"`, 'angle', 'deg', (1 + 25 / 60 + 50 / 3600) * DEG],
    ['1°25′50″', 'angle', 'deg', (1 + 25 / 60 + 50 / 3600) * DEG],
    [`1d25m50s`, 'angle', 'deg', (1 + 25 / 60 + 50 / 3600) * DEG],
    [`30"`, 'angle', 'deg', DEG / 120],
    ['8', 'angle', 'deg', 8 * DEG],
    ['0.1 rad', 'angle', 'deg', 0.1],
    ['3.5 in/ft', 'taper', 'ratio', 7 / 24],
    ['7/24', 'taper', 'ratio', 7 / 24],
    ['7/24', 'taper', 'in/ft', 7 / 24],
    ['5/8', 'taper', 'in/ft', 5 / 8 / 12],
    ['5/8', 'taper', 'ratio', 5 / 8],
    ['½', 'taper', 'in/ft', 0.5 / 12],
    ['0.6"/ft', 'taper', 'ratio', 0.05],
    ['.602', 'taper', 'in/ft', 0.602 / 12],
    ['1:19.922', 'taper', 'ratio', 1 / 19.922],
    ['5 %', 'taper', 'ratio', 0.05],
    ['50 mm/m', 'taper', 'ratio', 0.05],
    ['1 in / 12 in', 'taper', 'ratio', 1 / 12],
    ['1 in 20', 'taper', 'ratio', 1 / 20],
    ['1 in 12.5', 'taper', 'in/ft', 1 / 12.5],
    ['0.602 ipf', 'taper', 'ratio', 0.602 / 12],
    ['0.602 inches per foot', 'taper', 'ratio', 0.602 / 12],
    ['2 cm/m', 'taper', 'ratio', 0.02],
    ['atan(7/48)', 'angle', 'deg', Math.atan(7 / 48)],
    ['2 * asin 0.25', 'angle', 'deg', 2 * Math.asin(0.25)],
    ['acos(3 mm / 6 mm)', 'angle', 'deg', Math.PI / 3],
    ['2 * tan(8.3)', 'taper', 'ratio', 2 * Math.tan(8.3 * DEG)],
    ['450 rpm', 'speed', 'rpm', 450],
    ['450', 'speed', 'rpm', 450],
    ['3', 'number', '1', 3],
  ];
  it.each(cases)('%s as %s', (text, dimension, unit, value) => {
    expect(read(text, dimension, unit).value).toBeCloseTo(value, 12);
  });
});

describe('what is doubtful is refused, and says why', () => {
  const cases: [string, Dimension, string][] = [
    ['', 'length', 'empty'],
    ['1,250', 'length', 'ambiguous'],
    ['1/2 in + 0.2', 'length', 'ambiguous'],
    ['0.2 + 1/2 in', 'length', 'ambiguous'],
    ['5 mm + 3 deg', 'length', 'wrong-dimension'],
    ['5 mm * 3 mm', 'length', 'wrong-dimension'],
    ['5 deg * 3 mm', 'length', 'wrong-dimension'],
    ['1 25', 'length', 'ambiguous'],
    ['2*3-5/16', 'length', 'ambiguous'],
    [`5'-3"`, 'length', 'ambiguous'],
    ['12 foo', 'length', 'unknown-unit'],
    ['12 deg', 'length', 'wrong-dimension'],
    ['12 mm', 'angle', 'wrong-dimension'],
    ['1:20', 'angle', 'wrong-dimension'],
    [`1°26'`, 'taper', 'wrong-dimension'],
    ['1/0', 'length', 'divide-by-zero'],
    ['3 + ', 'length', 'unreadable'],
    ['12mm ?', 'length', 'unreadable'],
    ['1.2.3', 'length', 'unreadable'],
    ['12.345.678', 'length', 'ambiguous'],
    ['0x10', 'length', 'unreadable'],
    ['12 M', 'length', 'unknown-unit'],
    ['1 - 3-½', 'length', 'ambiguous'],
    [`5" 3'`, 'length', 'unreadable'],
    ['9e999', 'length', 'not-finite'],
    ['1 in 20', 'length', 'ambiguous'],
    ['sin 5 mm', 'length', 'wrong-dimension'],
    ['atan 5 mm', 'angle', 'wrong-dimension'],
    ['sqrt 5°', 'angle', 'wrong-dimension'],
    ['asin 1.01', 'angle', 'out-of-range'],
    ['sqrt(-1)', 'length', 'out-of-range'],
    ['tan 90', 'length', 'out-of-range'],
    ['sin', 'length', 'unreadable'],
    ['sinus 3', 'length', 'unreadable'],
    ['pi 3', 'length', 'ambiguous'],
    ['5 c/m', 'taper', 'unknown-unit'],
    ['5 mm/m/m', 'taper', 'unreadable'],
    ['1'.repeat(300), 'length', 'unreadable'],
  ];
  it.each(cases)('%s as %s → %s', (text, dimension, code) => {
    const unit = dimension === 'angle' ? 'deg' : dimension === 'taper' ? 'ratio' : 'mm';
    expect(() => read(text, dimension, unit)).toThrow(expect.objectContaining({ code }));
  });

  it('says what was understood and where it stopped', () => {
    expect(() => read('1 1/2 in & more')).toThrow('Understood “1 1/2 in”, but not “& more”.');
  });

  it('never throws anything but the one error class, and never answers NaN', () => {
    const alphabet = fc.constantFrom(...'0123456789.,/-+*()\'"°½:√π inmft%drauxµesocqp'.split(''));
    fc.assert(
      fc.property(
        fc.array(alphabet, { maxLength: 14 }),
        fc.constantFrom<Dimension>('length', 'angle', 'taper'),
        (signs, dimension) => {
          const unit = dimension === 'angle' ? 'deg' : dimension === 'taper' ? 'ratio' : 'mm';
          try {
            return Number.isFinite(read(signs.join(''), dimension, unit).value);
          } catch (error) {
            return (error as Error).name === 'AnelloError';
          }
        },
      ),
      { numRuns: 3000, seed: 20261 },
    );
  });
});

describe('the reading back', () => {
  it('parses to the value it came from', () => {
    const units: [Dimension, DefaultUnit][] = [
      ['length', 'mm'],
      ['length', 'in'],
      ['angle', 'deg'],
      ['taper', 'ratio'],
      ['taper', 'in/ft'],
    ];
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 0.9, noNaN: true }),
        fc.constantFrom(...units),
        (n, [dimension, unit]) => {
          const once = read(String(Number(n.toPrecision(6))), dimension, unit);
          const again = read(once.canonical, dimension, unit);
          expect(again.value).toBeCloseTo(once.value, 9);
          expect(again.explicit || dimension === 'taper').toBe(true);
        },
      ),
      { seed: 7 },
    );
  });

  it('reads an exact figure back as the very same value', () => {
    fc.assert(
      fc.property(fc.double({ min: -400, max: 400, noNaN: true }), (value) => {
        expect(read(exactText({ quantity: 'length', value }), 'length', 'in').value).toBe(value + 0);
        expect(read(exactText({ quantity: 'angle', value }), 'angle').value).toBe(value + 0);
      }),
    );
  });

  it('names the unit it was understood in', () => {
    expect(read('1-5/16', 'length', 'in')).toMatchObject({
      unit: 'in',
      canonical: '1.3125 in',
      explicit: false,
    });
    expect(read('12.5 mm', 'length', 'in')).toMatchObject({
      unit: 'mm',
      canonical: '12.5 mm',
      explicit: true,
    });
    expect(read('7/24', 'taper', 'in/ft').canonical).toMatch(/^1:3\.42857/);
  });
});

it('the checked-in parser is the one its grammar generates', () => {
  expect(readFileSync(new URL('parser.generated.js', import.meta.url), 'utf8')).toBe(generateParser());
});

describe('vulgar fractions after a hyphen', () => {
  it.each([
    ['1-½', 1.5],
    ['3-¾', 3.75],
    ['12-⅝', 12.625],
    ['2-½ in', 2.5],
  ])('%s is a mixed number', (text, inches) => {
    expect(parseQuantity({ text, dimension: 'length', defaultUnit: 'in' }).value).toBeCloseTo(
      inches * 25.4,
      12,
    );
  });
});

describe('a figure that no workshop has', () => {
  const of = (text: string, defaultUnit: DefaultUnit, dimension: Dimension = 'length') =>
    parseQuantity({ text, dimension, defaultUnit }).value;
  it('is refused once it is read, whatever unit it was typed in', () => {
    expect(of('1e9', 'mm')).toBe(1e9);
    expect(of('1e10', 'mm')).toBe(1e10);
    for (const refused of [
      () => of('1e9', 'in'),
      () => of('1e11 mm', 'in'),
      () => of('-1e9', 'in'),
      () => of('1e11', '1', 'number'),
    ])
      expect(refused).toThrow(
        expect.objectContaining({ code: 'out-of-range', message: 'That is larger than any figure here.' }),
      );
  });
});
