import { describe, expect, it } from 'vitest';
import { PIECES, TAGS } from './jobTexts';

describe('what is typed of a job', () => {
  it.each([
    ['1', 1],
    ['200', 200],
    [' 12 ', 12],
    ['0', null],
    ['201', null],
    ['2.5', null],
    ['', null],
    ['two', null],
    ['3 4', null],
    ['0x10', null],
  ])('%j pieces are %s', (typed, pieces) => {
    expect(PIECES.read(typed)).toBe(pieces);
  });
  it('words stand between commas, each once, up to eight of 24 letters', () => {
    expect(TAGS.read('gauge,  gauge, spare ,')).toEqual(['gauge', 'spare']);
    expect(TAGS.read('')).toEqual([]);
    const eight = [...'abcdefgh'];
    expect(TAGS.read(eight.join())).toEqual(eight);
    expect(TAGS.read([...eight, 'i'].join())).toBeNull();
    expect(TAGS.read('x'.repeat(24))).toEqual(['x'.repeat(24)]);
    expect(TAGS.read('x'.repeat(25))).toBeNull();
  });
});
