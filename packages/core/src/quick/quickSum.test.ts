import { describe, expect, it } from 'vitest';
import { METRIC_88 } from '../kit/blockSets';
import { formatFigure } from '../figure/format';
import { QUICK_PHRASES, quickCompletions, quickSum } from './quickSum';

const context = { lengthUnit: 'mm', blocks: METRIC_88 } as const;
const first = (text: string, lengthUnit: 'mm' | 'in' = 'mm') => {
  const { heading, lines } = quickSum(text, { ...context, lengthUnit });
  return `${heading}: ${formatFigure(lines[0]!.figure, 'mm').replace('\u00a0', ' ')}`;
};

describe('the quick line', () => {
  it.each([
    ['mt 3', 'No. 3 Morse: 1°26′16″'],
    ['MT2', 'No. 2 Morse: 1°25′50″'],
    ['7/24 angle', '1:3.42857142857: 8°17′50″'],
    ['set over 180 at mt2', 'set over for No. 2 Morse: 4.494 mm'],
    ['set over 7 in at 0.6 in/ft', 'set over for 0.6 in/ft: 4.444 mm'],
    ['dz 1.6 mt3', 'stand-off on No. 3 Morse: 0.080 mm'],
    ['dz 1/16 in mt 3', 'stand-off on No. 3 Morse: 0.080 mm'],
    ['carriage 75 at mt3', 'carriage along No. 3 Morse: 1.882 mm'],
    ['slide 12 at 7/24', 'slide along 1:3.42857142857: 1.732 mm'],
    ['sine 100 at 8°', 'sine bar for half angle 8°: 13.9173 mm'],
    ['infeed 0.1 at 30', 'compound infeed: 0.100 mm'],
    ['which 24.076, 19.759 over 86', 'nearest: No. 3 Morse: 1:19.921'],
    ['stack 34.562', 'blocks, exactly: 34.5620 mm'],
    ['2*0.312 in + 1/16 in', 'a length: 17.4371 mm'],
    ['1°26′ * 2', 'an angle: 2°52′00″'],
    ['1:12', 'a taper on diameter: 1:12'],
  ])('%s → %s', (text, answer) => expect(first(text)).toBe(answer));

  it('says which unit a bare sum was read in', () => {
    expect(first('3/8 + 1', 'in')).toBe('a length, in in: 34.9250 mm');
  });

  it('every example it shows works as it stands', () => {
    for (const example of QUICK_PHRASES.flatMap((p) => [p.example, ...(p.also ?? [])]))
      expect(quickSum(example, context).lines.length).toBeGreaterThan(0);
  });

  it('completes a half-typed line to lines that work as they stand', () => {
    expect(quickCompletions('')).toEqual([]);
    expect(quickCompletions('set')).toContain('set over 180 mm at mt2');
    expect(quickCompletions('mt')).toContain('mt3');
    expect(quickCompletions('carriage 75 at j')).toContain('carriage 75 at jarno2');
    expect(quickCompletions('no such thing')).toEqual([]);
    for (const begun of ['s', 'c', 'set over 60 at m', 'm', 'w', 'i', 'dz'])
      for (const line of quickCompletions(begun)) {
        expect(line.toLowerCase().startsWith(begun)).toBe(true);
        expect(quickSum(line, context).lines.length).toBeGreaterThan(0);
      }
  });

  it.each(['', 'mt 99', 'set over banana at mt2', 'dz 1.6 nothing', 'what'])(
    '“%s” is refused in words',
    (text) => {
      expect(() => quickSum(text, context)).toThrow(expect.objectContaining({ name: 'AnelloError' }));
    },
  );
});
