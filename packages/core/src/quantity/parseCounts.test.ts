import { describe, expect, it } from 'vitest';
import { parseCounts } from './parseCounts';

const gears = { least: 10, most: 250, what: 'change gear' };

describe('whole numbers in a row', () => {
  it.each([
    ['20, 25, 40', [20, 25, 40]],
    ['20 25;40\n127', [20, 25, 40, 127]],
    ['', []],
  ])('%j', (text, counts) => expect(parseCounts(text, gears)).toEqual(counts));
  it.each(['forty', '20, 9', '20, 251', '20.5', '-30'])('names what is none in %j', (text) => {
    expect(() => parseCounts(text, gears)).toThrow(/is no change gear: 10 to 250/);
  });
});
