import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
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
    ['7/24 angle', '7/24: 8°17′50″'],
    ['7/24', '7/24: 8°17′50″'],
    ['iso 40', '7:24 No. 40: 8°17′50″'],
    ['4 morse', 'No. 4 Morse: 1°29′15″'],
    ['#3 morse', 'No. 3 Morse: 1°26′16″'],
    ['mt4 1/2', 'No. 4 1/2 Morse: 1°29′22″'],
    ['b16', 'Chuck taper B16: 1°25′50″'],
    ['R8', 'R8: 8°25′30″'],
    ['d1-6', 'Short nose No. 6: 7°07′30″'],
    ['mt3 per foot', 'No. 3 Morse: 1°26′16″'],
    ['1 in 20', '1 in 20: 1°25′56″'],
    ['cone 1:10', '1:10: 2°51′45″'],
    ['60° included', 'included angle 60°: 30°00′00″'],
    ['included angle 60', 'included angle 60: 30°00′00″'],
    ['set over 180 at mt2', 'set over for No. 2 Morse: 4.494 mm'],
    ['set over 7 in at 0.6 in/ft', 'set over for 0.6 in/ft: 4.444 mm'],
    ['dz 1.6 mt3', 'stand-off on No. 3 Morse: 0.080 mm'],
    ['dz 1/16 in mt 3', 'stand-off on No. 3 Morse: 0.080 mm'],
    ['carriage 75 at mt3', 'carriage along No. 3 Morse: 1.882 mm'],
    ['slide 12 at 7/24', 'slide along 7/24: 1.732 mm'],
    ['carriage 75 at 60° included', 'carriage along included angle 60°: 43.301 mm'],
    ['mt2 set over 180', 'set over for No. 2 Morse: 4.494 mm'],
    ['setover 180 mt 2', 'set over for No. 2 Morse: 4.494 mm'],
    ['set over for mt 2 over 180 mm', 'set over for No. 2 Morse: 4.494 mm'],
    ['set over 7 in 1 in 20', 'set over for 1 in 20: 4.444 mm'],
    ['sine bar 100 8°', 'sine bar for half angle 8°: 13.9173 mm'],
    ['infeed 0.1 30', 'compound infeed: 0.100 mm'],
    ['which 24.076 19.759 86', 'nearest: No. 3 Morse: 1:19.921'],
    ['which 19.759 mm to 24.076 mm over 86 mm', 'nearest: No. 3 Morse: 1:19.921'],
    ['gauge blocks for 34.562', 'blocks, exactly: 34.5620 mm'],
    ['sine 100 at 8°', 'sine bar for half angle 8°: 13.9173 mm'],
    ['infeed 0.1 at 30', 'compound infeed: 0.100 mm'],
    ['which 24.076, 19.759 over 86', 'nearest: No. 3 Morse: 1:19.921'],
    ['stack 34.562', 'blocks, exactly: 34.5620 mm'],
    ['2*0.312 in + 1/16 in', 'a length: 17.4371 mm'],
    ['1°26′ * 2', 'an angle: 2°52′00″'],
    ['1:12', 'a taper on diameter: 1:12'],
    ['0.602 inches per foot', 'a taper on diameter: 1:19.934'],
    ['50 * tan 8°17′50″', 'a length, in mm: 7.2917 mm'],
    ['atan(7/48)', 'an angle: 8°17′50″'],
    ['8d17m50s', 'an angle: 8°17′50″'],
    ['rpm 30 mm at 25 m/min', 'spindle speed: 265'],
    ['rpm 25 m/min 30', 'spindle speed: 265'],
    ['speed 1 in at 100 sfm', 'spindle speed: 382'],
    ['speed 30 mm at 400 rpm', 'cutting speed: 37.7'],
    // As drill charts have them.
    ['M10', 'M10 × 1.5: 8.50 mm'],
    ['tap drill M8', 'M8 × 1.25: 6.80 mm'],
    ['1/4-20', '1/4-20 UNC: 5.105 mm'],
    ['tap 10-32', '#10-32 UNF: 4.039 mm'],
    ['3/8-16', '3/8-16 UNC: 7.938 mm'],
    ['1/2 UNC', '1/2-13 UNC: 10.716 mm'],
    ['3/4-1', 'a length, in mm: −0.2500 mm'],
    ['#7', 'drill #7: 5.105 mm'],
    ['drill F', 'drill F: 6.528 mm'],
    ['drill 5.1', 'a drill: 5.100 mm'],
    // Words for a taper that are lengths first.
    ['3 foot', 'a length: 914.4000 mm'],
    ['3 cm', 'a length: 30.0000 mm'],
  ])('%s → %s', (text, answer) => expect(first(text)).toBe(answer));

  it('no two lines of an answer have one name', () => {
    const { lines } = quickSum('which 24.076 mm, 19.759 mm over 86 mm', context);
    expect(lines.map(({ label }) => label)).toEqual([...new Set(lines.map(({ label }) => label))]);
    expect(lines.length).toBeGreaterThan(2);
  });

  it('a drill is told with its neighbours, a tapping drill with its mark', () => {
    const labels = (text: string): string[] => quickSum(text, context).lines.map(({ label }) => label);
    expect(labels('#7')).toEqual(['across', 'next under it, #8', 'next over it, 13/64']);
    expect(labels('#80')).toEqual(['across', 'next over it, #79']);
    expect(labels('drill 30')).toEqual(['across', 'next under it, 1 in']);
    expect(labels('1/4-20')[0]).toBe('tapping drill #7');
    expect(labels('M10')[0]).toBe('tapping drill');
    const turns = (text: string): string =>
      formatFigure(
        quickSum(text, context).lines.find((l) => l.label === 'threads to the inch')!.figure,
        'mm',
      );
    expect([turns('1/4-20'), turns('2 UNC')]).toEqual(['20', '4.5']);
  });

  it('a bare cutting speed is in what the screen’s units have', () => {
    expect(first('rpm 1 at 100', 'in')).toBe('spindle speed: 382');
    expect(first('rpm 25.4 at 30.48')).toBe('spindle speed: 382');
  });

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

  it.each([
    ['', 'Nothing typed yet.'],
    ['mt 99', 'Morse, metric table: there is no size 99.'],
    ['mt', 'Morse, metric table: which size?'],
    ['mt 3 1/2', 'Could not read “mt 3 1/2”.'],
    ['set over banana at mt2', 'Could not read “banana”.'],
    ['set over 180', 'Two figures are asked for here: set over 180 mm at mt2.'],
    ['set over 180 at 8', '“8” could be 8° or 1:8. Write which.'],
    ['set over 180 at 0°', 'A taper needs an angle of more than zero.'],
    ['carriage 75 at 180° included', 'A taper’s half angle is less than 90°.'],
    ['carriage 75 at -1:20', 'A taper needs a ratio of more than zero.'],
    ['dz 1.6 nothing', 'Two figures are asked for here: dz 1.6 mm mt3.'],
    [
      'which 24 over 86',
      'Two diameters and the length between them are asked for here: which 24.07 mm, 20.1 mm over 79 mm.',
    ],
    ['rpm 30', 'Two figures are asked for here: rpm 30 mm at 25 m/min.'],
    ['rpm 30 at 0', 'The speed must be more than zero.'],
    ['drill 0', 'A drill is more than nothing across.'],
    ['thread 1/4-7', '1/4-7 UN: such a pitch does not go on such a diameter.'],
    ['M13', 'M13 has no coarse pitch here: write it with its pitch, as M13x1.'],
    ['sin 5 mm', '“sin” is of an angle, not of a length.'],
    ['5 mm * 3 mm', 'A length times a length makes no figure for this box.'],
    ['what', 'Could not read “what”.'],
  ])('“%s” is refused in words', (text, sentence) => {
    expect(() => quickSum(text, context)).toThrow(
      expect.objectContaining({ name: 'AnelloError', message: sentence }),
    );
  });

  it('never throws anything but the one error class, whatever words are put together', () => {
    const words = [
      ...['rpm', 'tap', 'drill', 'M8', '#7', '1/4-20'],
      ...[
        'set over',
        'sine',
        'dz',
        'carriage',
        'infeed',
        'which',
        'stack',
        'at',
        'over',
        'angle',
        'included',
      ],
      ...[
        'mt',
        '3',
        '4 1/2',
        '180 mm',
        '7 in',
        '1:20',
        '8°',
        'tan',
        '(',
        ')',
        'c',
        'foot',
        'per',
        '-',
        'b&s',
        'd1',
      ],
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...words), { maxLength: 6 }), (said) => {
        try {
          return quickSum(said.join(' '), context).lines.every(({ figure }) => Number.isFinite(figure.value));
        } catch (error) {
          return (error as Error).name === 'AnelloError';
        }
      }),
      { numRuns: 2000 },
    );
  });
});
