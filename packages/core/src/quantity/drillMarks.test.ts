import { describe, expect, it } from 'vitest';
import { drillMark, markedDrills } from './drillMarks';

const INCH = 25.4;
const [numbers, letters] = [markedDrills('#1', '#80') ?? [], markedDrills('A', 'Z') ?? []];

describe('the marks of inch drills', () => {
  it.each([
    ['#1', 0.228],
    ['#7', 0.201],
    ['#21', 0.159],
    ['#29', 0.136],
    ['#36', 0.1065],
    ['#43', 0.089],
    ['#50', 0.07],
    ['#60', 0.04],
    ['#80', 0.0135],
    ['A', 0.234],
    ['F', 0.257],
    ['I', 0.272],
    ['Q', 0.332],
    ['U', 0.368],
    ['Z', 0.413],
    ['1/64', 1 / 64],
    ['13/64', 13 / 64],
    ['27/64', 27 / 64],
    ['1/2', 0.5],
    ['1 in', 1],
    ['1-5/16', 1 + 5 / 16],
  ])('%s is %d in', (mark, inches) => {
    expect(drillMark(inches * INCH)).toBe(mark);
    if (/^[#A-Z]/.test(mark)) expect(markedDrills(mark)).toEqual([expect.closeTo(inches * INCH, 9)]);
  });

  it('numbers fall and letters rise, none twice, the first number under the first letter', () => {
    expect(numbers).toHaveLength(80);
    expect(letters).toHaveLength(26);
    numbers.forEach((size, i) => expect(size).toBeLessThan(numbers[i - 1] ?? Infinity));
    letters.forEach((size, i) => expect(size).toBeGreaterThan(letters[i - 1] ?? numbers[0] ?? 0));
  });

  it('every one is found by its size under its own mark, but those that are a fraction too', () => {
    const fractions = [...numbers, ...letters].filter((size) => drillMark(size)?.includes('/'));
    expect(fractions.map((size) => Number((size / INCH).toFixed(4)))).toEqual([0.25]);
    expect(numbers.map(drillMark)).toEqual(numbers.map((_, i) => `#${i + 1}`));
  });

  it.each([3.8, 5, 5.1, 6.5, 10, 0.3, 150, 5.1054 + 0.002])('%d mm is called by its size', (mm) =>
    expect(drillMark(mm)).toBeNull(),
  );

  it('a row is read either way round, and from one row only', () => {
    expect(markedDrills('#60', '#1')).toEqual(numbers.slice(0, 60));
    expect(markedDrills('no. 7')).toEqual(markedDrills('number 7'));
    expect(markedDrills('letter f')).toEqual(markedDrills('F'));
    for (const [from, to] of [
      ['A', '#7'],
      ['#7', 'A'],
      ['#0', '#5'],
      ['#5', '#81'],
      ['seven', 'seven'],
    ] as const)
      expect(markedDrills(from, to)).toBeNull();
  });
});
