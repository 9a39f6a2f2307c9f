import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readSweep } from './readSweep';

const pairs = (text: string, unit: 'mm' | 'in' = 'mm') => {
  const { travel, reading } = readSweep(text, unit);
  return travel.map((at, i) => [at, reading[i]]);
};
const WANTED = [
  [0, 0.001],
  [5, 0.126],
  [10, 0.251],
];

describe('a sweep in a file or typed', () => {
  it.each([
    ['commas', '0,0.001\n5,0.126\n10,0.251'],
    ['semicolons and decimal commas', '0;0,001\n5;0,126\n10;0,251\n'],
    ['tabs, with a heading', 'travel\treading\n0\t0.001\n5\t0.126\n10\t0.251'],
    ['blanks', ' 0 0.001\n 5   0.126\r\n10 0.251\n\n'],
    ['remarks after them', '0,0.001,start\n5,0.126,\n10,0.251,end'],
    ['units typed with each', '0 mm;1 um\n5 mm;126 µm\n1 cm;0.251 mm'],
    ['blanks and decimal commas', '0 0,001\n5 0,126\n10 0,251'],
    ['blanks and units', '0 mm 1 um\n5mm 126µm\n1 cm 0.251 mm'],
    ['arrows, as in a note', '0 -> 0.001\n5: 0.126\n10 = 0.251'],
    ['remarks after blanks', '0 0.001 start\n5 0.126\n10 0.251 end'],
  ])('with %s', (_, text) => {
    expect(pairs(text)).toEqual(WANTED.map((pair) => pair.map((one) => expect.closeTo(one, 9) as number)));
  });
  it('in the units its heading names, else in those of the screen', () => {
    expect(pairs('travel (in);needle (µm)\n1;5\n2;10')).toEqual([
      [25.4, expect.closeTo(0.005, 9)],
      [50.8, expect.closeTo(0.01, 9)],
    ]);
    expect(pairs('1,0.001\n2,0.002', 'in')).toEqual([
      [25.4, expect.closeTo(0.0254, 9)],
      [50.8, expect.closeTo(0.0508, 9)],
    ]);
  });
  it('a fraction after blanks belongs to its whole', () => {
    expect(pairs('1 1/2 in 0.5 thou\n3 1 thou', 'in')).toEqual([
      [expect.closeTo(38.1, 9), expect.closeTo(0.0127, 9)],
      [expect.closeTo(76.2, 9), expect.closeTo(0.0254, 9)],
    ]);
  });
  it('says of what it could not read which line it was, and of very many only how many', () => {
    const { travel, unread, left } = readSweep('0,0.1\nnothing,here\n5\n10,0.2', 'mm');
    expect(travel).toEqual([0, 10]);
    expect(unread.map(({ line }) => line)).toEqual([2, 3]);
    expect(left).toBe(2);
    const many = readSweep(`0,1\n${'x,y\n'.repeat(50)}`, 'mm');
    expect([many.left, many.unread.length]).toEqual([50, 8]);
  });
  it('is figures or lines that could not be read, whatever the text is', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom('mm' as const, 'in' as const), (text, unit) => {
        const { travel, reading } = readSweep(text, unit);
        expect(travel.length).toBe(reading.length);
        for (const one of [...travel, ...reading]) expect(Number.isFinite(one)).toBe(true);
      }),
    );
  });
  it('tells how far it is, of many lines', () => {
    const parts: number[] = [];
    readSweep(Array.from({ length: 20_001 }, (_, i) => `${i};1`).join('\n'), 'mm', (part) =>
      parts.push(part),
    );
    expect(parts).toHaveLength(5);
    expect(parts[0]).toBe(0);
    expect(parts.at(-1)).toBeCloseTo(1, 3);
  });
});
