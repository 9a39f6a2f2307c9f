import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ANY_NUMBER, LinePattern } from './pattern';
import { LONGEST_LINE, readWireLine, wireLineJsonSchema, WIRE_UNITS } from './line';
import { Lines } from './lines';

describe('a line of the wire', () => {
  it.each([
    ['{"instrument":"dial","value":0.012}', { instrument: 'dial', channel: '', value: 0.012, angle: false }],
    [
      ' {"instrument":"Readout 2","channel":"z","value":1,"unit":"in","time":3.5,"battery":80}\r',
      { instrument: 'Readout 2', channel: 'z', value: 25.4, angle: false, own: 3.5 },
    ],
    [
      '{"instrument":"mike","value":3,"pressed":true}',
      { instrument: 'mike', channel: '', value: 3, angle: false, pressed: true },
    ],
    [
      '{"instrument":"Kopf","value":-7.5,"unit":"deg"}',
      { instrument: 'Kopf', channel: '', value: -7.5, angle: true },
    ],
  ])('%s', (line, reading) => expect(readWireLine(line)).toEqual({ reading }));

  it.each([
    ['', 'blank'],
    ['12.5', 'no JSON object'],
    ['{"instrument":"dial"}', 'value'],
    ['{"instrument":"dial","value":"12"}', 'value'],
    ['{"instrument":"dial","value":1e400}', 'value'],
    ['{"instrument":"dial","value":2e6}', 'value'],
    ['{"instrument":"","value":1}', 'instrument'],
    ['{"instrument":"<b>dial","value":1}', 'instrument'],
    ['{"instrument":"dial","value":1,"unit":"furlong"}', 'unit'],
    ['{"instrument":"dial","value":1,"time":-1}', 'time'],
    ['{"instrument":"dial","value":1,"channel":"\\u202e"}', 'channel'],
    ['[{"instrument":"dial","value":1}]', 'no JSON object'],
    ['null', 'no JSON object'],
    [`{"instrument":"dial","value":1${' '.repeat(LONGEST_LINE)}}`, 'longer'],
  ])('%s is refused, and it is said why', (line, said) => {
    expect(readWireLine(line)).toEqual({ said: expect.stringContaining(said) as string });
  });

  it('as long as a line may be is a line', () => {
    const short = '{"instrument":"dial","value":1}';
    expect(readWireLine(short + ' '.repeat(LONGEST_LINE - short.length))).toHaveProperty('reading');
  });

  it('whatever is written in the form comes back, in mm', () => {
    const line = fc.record(
      {
        instrument: fc.constantFrom('dial', 'Readout 1', 'Meßuhr'),
        value: fc.double({ min: -1e4, max: 1e4, noNaN: true }),
        unit: fc.constantFrom(...WIRE_UNITS),
        time: fc.double({ min: 0, max: 1e6, noNaN: true }),
        channel: fc.constantFrom('x', 'z'),
      },
      { requiredKeys: ['instrument', 'value'] },
    );
    const mm = { mm: 1, um: 1e-3, in: 25.4, deg: 1 };
    fc.assert(
      fc.property(line, (given) => {
        const read = readWireLine(JSON.stringify(given));
        expect(read).toMatchObject({
          reading: { instrument: given.instrument, channel: given.channel ?? '' },
        });
        const { reading } = read as { reading: { value: number } };
        expect(reading.value).toBeCloseTo(given.value * mm[given.unit ?? 'mm'], 6);
      }),
    );
  });

  it('a hundred thousand lines of rubbish are each answered, and none is taken for a reading of another form', () => {
    const good = '{"instrument":"dial","value":0.012,"unit":"mm","time":12.5,"channel":"x"}';
    let seed = 1;
    const random = (n: number): number => (seed = (seed * 48271) % 2147483647) % n;
    for (let i = 0; i < 100_000; i++) {
      const letters = [...good];
      for (let k = random(6); k >= 0; k--) {
        const at = random(letters.length);
        const what = random(4);
        if (what === 0) letters.splice(at, 1 + random(9));
        else if (what === 1) letters.splice(at, 0, String.fromCharCode(random(0x3000)));
        else if (what === 2) letters[at] = '{}[]",:0.eE-\\\u0000'[random(14)] as string;
        else letters.push(...letters.slice(at));
      }
      const read = readWireLine(letters.join(''));
      if ('reading' in read) {
        expect(Number.isFinite(read.reading.value)).toBe(true);
        expect(read.reading.instrument.length).toBeLessThanOrEqual(40);
      } else expect(read.said).not.toBe('');
    }
  });

  it('its form is published as it is read', () => {
    expect(wireLineJsonSchema()).toMatchObject({
      required: ['instrument', 'value'],
      properties: { unit: { enum: ['mm', 'um', 'in', 'deg'] } },
    });
  });
});

describe('an instrument that sends only text', () => {
  it.each([
    [ANY_NUMBER, '+0012.345', { value: 12.345 }],
    [ANY_NUMBER, 'GA:  -1,25 mm ok', { value: -1.25 }],
    ['{value} {unit}', ' 0.0012 in ', { value: 0.0012, unit: 'in' }],
    ['{value}{unit}', '- .5"', { value: -0.5, unit: 'in' }],
    ['{channel}={value}*', 'X=+12.345 mm', { value: 12.345, channel: 'X' }],
    ['N {value} (st)', 'N 7 (st)', { value: 7 }],
    ['{value} {unit}', '12 µm', { value: 12, unit: 'um' }],
    ['a-{value}/b', 'a-3/b', { value: 3 }],
  ])('by %s reads %s', (pattern, text, read) => expect(new LinePattern(pattern).read(text)).toEqual(read));

  it.each([
    ['{value} mm', '12 in'],
    ['{value} {unit}', '12 cubits'],
    ['{channel}={value}', '=12'],
    [ANY_NUMBER, 'no figure'],
    [ANY_NUMBER, '1.2.3'],
    [ANY_NUMBER, '12 13'],
    ['{value}', '9'.repeat(LONGEST_LINE + 1)],
  ])('by %s does not read %s', (pattern, text) => expect(new LinePattern(pattern).read(text)).toBeNull());

  it.each([
    'mm',
    '{value}{value}',
    '****{value}',
    '{unit}{value}{unit}',
    `{value}${'x'.repeat(LONGEST_LINE)}`,
  ])('by %s cannot be read', (pattern) => expect(() => new LinePattern(pattern)).toThrow(/pattern/));

  it('the longest of lines is answered by the widest of patterns', () => {
    const pattern = new LinePattern('* * * {value} {unit} {channel}');
    for (let i = 0; i < 20; i++) expect(pattern.read(`${' x'.repeat(190)}${i}`)).toBeNull();
  });
});

describe('lines out of a stream', () => {
  it('are the same however the stream is cut', () => {
    const line = fc.string({ unit: fc.constantFrom('a', '1', ' ', '{'), minLength: 1, maxLength: 30 });
    const all = fc.array(line, { maxLength: 20 });
    fc.assert(
      fc.property(
        all,
        fc.array(fc.integer({ min: 1, max: 40 })),
        fc.constantFrom('\n', '\r\n'),
        (given, cuts, end) => {
          let text = given.map((one) => one + end).join('');
          const lines = new Lines();
          const out: string[] = [];
          for (const cut of cuts) {
            out.push(...lines.take(text.slice(0, cut)));
            text = text.slice(cut);
          }
          out.push(...lines.take(text));
          expect(out).toEqual(given.filter((one) => one.trim() !== ''));
        },
      ),
    );
  });
  it('one without an end is told once, and what comes after it is read', () => {
    const lines = new Lines();
    const told = Array.from({ length: 500 }, () => lines.take('x'.repeat(50))).flat();
    expect(told).toHaveLength(1);
    expect(readWireLine(told[0]!)).toEqual({ said: expect.stringContaining('longer') as string });
    expect(lines.take('tail\nnext\nha')).toEqual(['next']);
    expect(lines.take('lf\n')).toEqual(['half']);
  });
});
