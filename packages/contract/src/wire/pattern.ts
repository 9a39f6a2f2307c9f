import type { WIRE_UNITS } from './line';
import { LONGEST_LINE, type WireLine } from './line';

/**
 * How a line of an instrument that sends only text is read: the text as it comes, with {value}, {unit} and {channel} where
 * they stand, * for anything, and a blank for any number of blanks. "{channel}={value} {unit}" reads "X=+12.345 mm".
 */
export class LinePattern {
  private readonly reads: RegExp;

  /** Errors: a pattern without {value}, or longer than a line, throws a plain sentence. */
  constructor(pattern: string) {
    if (pattern.length > LONGEST_LINE) throw new Error('The pattern is longer than a line may be.');
    if (pattern.split('{value}').length !== 2)
      throw new Error('The pattern says once where the figure stands: {value}.');
    for (const [one, most] of Object.entries(AT_MOST))
      if (pattern.split(one).length > most + 1)
        throw new Error(`The pattern may hold ${one} ${most === 1 ? 'once' : `${most} times`}.`);
    this.reads = new RegExp(`^\\s*${pattern.trim().split(PIECES).map(piece).join('')}\\s*$`, 'u');
  }

  /** What stands in a line; null where it is another. */
  read(text: string): Pick<WireLine, 'value' | 'unit' | 'channel'> | null {
    if (text.length > LONGEST_LINE) return null;
    const found = this.reads.exec(text)?.groups;
    if (!found) return null;
    const value = Number(found.value?.replace(/\s/g, '').replace(',', '.'));
    if (!Number.isFinite(value)) return null;
    const unit = found.unit === undefined ? undefined : unitNamed(found.unit);
    if (unit === null) return null;
    return {
      value,
      ...(unit === undefined ? {} : { unit }),
      ...(found.channel === undefined ? {} : { channel: found.channel }),
    };
  }
}

/** More would let a line of rubbish be read in too many ways. */
const AT_MOST = { '{unit}': 1, '{channel}': 1, '*': 3 };

/** A plain number, whatever stands round it: of an instrument nothing more is known of. */
export const ANY_NUMBER = '*{value}*';

const PIECES = /(\{value\}|\{unit\}|\{channel\}|\*|\s+)/;
/** No piece can be read in two ways that go far: a line of rubbish is refused as fast as a good one is read. */
const READ_AS: Readonly<Record<string, string>> = {
  '{value}': '(?<value>[-+]?\\s{0,4}(?:\\d{1,12}(?:[.,]\\d{0,12})?|[.,]\\d{1,12}))',
  '{unit}': '(?<unit>[A-Za-zµ"″°]{1,6})',
  '{channel}': '(?<channel>[\\p{L}\\p{N}]{1,20})',
  '*': '[^\\d]{0,40}?',
};
function piece(text: string): string {
  if (text !== '' && text.trim() === '') return '\\s*';
  return READ_AS[text] ?? text.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&');
}

const NAMED: Readonly<Record<string, (typeof WIRE_UNITS)[number]>> = {
  mm: 'mm',
  um: 'um',
  µm: 'um',
  in: 'in',
  inch: 'in',
  '"': 'in',
  '″': 'in',
  deg: 'deg',
  '°': 'deg',
};
const unitNamed = (text: string): (typeof WIRE_UNITS)[number] | null => NAMED[text.toLowerCase()] ?? null;
