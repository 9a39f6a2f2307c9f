import { describe, expect, it } from 'vitest';
import { listed } from './listed';
import { parseSizes, unitOfSizes } from './parseSizes';

describe('a list of figures', () => {
  it.each([
    ['3, 4,5; 6', ['3', '4,5', '6']],
    ['3,4,5', ['3', '4', '5']],
    ['1/8,3/16', ['1/8', '3/16']],
    ['3 4 5 mm', ['3', '4', '5 mm']],
    ['1/8" 3/16" 1/4"', ['1/8"', '3/16"', '1/4"']],
    ['3,5 4,5', ['3,5', '4,5']],
    ['#7 #10 f', ['#7', '#10', 'f']],
    ['0.5\n.7', ['0.5', '.7']],
    // These may be one figure.
    ['3,5', ['3,5']],
    ['1 1/2', ['1 1/2']],
    ['25 400', ['25 400']],
    ['1-1/2 in', ['1-1/2 in']],
    ['1 to 13 by 0.5 mm', ['1 to 13 by 0.5 mm']],
    ['', []],
  ])('%s', (text, pieces) => expect(listed(text)).toEqual(pieces));

  it('a size that was one figure by its commas is as many as are written', () => {
    expect(parseSizes('1/8,3/16,1/4', 'in')).toEqual([3.175, 4.7625, 6.35]);
    expect(parseSizes('3 4 5 mm', unitOfSizes('3 4 5 mm', 'in'))).toEqual([3, 4, 5]);
    expect(() => parseSizes('25 400', 'mm')).toThrow(expect.objectContaining({ code: 'ambiguous' }));
  });
});
