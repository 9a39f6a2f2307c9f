import { AnelloError } from '../basics/error';
import type { NumeralNode } from './node';

/** The value of a written number. */
export function numeralValue(node: NumeralNode): number {
  switch (node.kind) {
    case 'fraction':
      return divide(Number(node.over), Number(node.under));
    case 'mixed':
    case 'vulgar':
      return Number(node.whole) + divide(Number(node.over), Number(node.under));
    case 'decimal':
      return Number(decimalDigits(node.raw) + node.exponent);
  }
}

export function divide(over: number, under: number): number {
  if (under === 0) throw new AnelloError('divide-by-zero', null, 'That divides by zero.');
  return over / under;
}

/**
 * Point or comma as the decimal sign, the other as thousands. One comma before exactly three digits
 * (1,250) can be either, and is refused rather than guessed at.
 */
function decimalDigits(raw: string): string {
  const commas = raw.split(',').length - 1;
  const points = raw.split('.').length - 1;
  if (commas === 0 && points <= 1) return raw;
  if (commas === 1 && points === 0) return decimalComma(raw);
  if (/^\d{1,3}(,\d{3})+(\.\d*)?$/.test(raw)) return raw.replaceAll(',', '');
  if (/^\d{1,3}(\.\d{3})+,\d*$/.test(raw)) return raw.replaceAll('.', '').replace(',', '.');
  if (/^\d{1,3}(\.\d{3})+$/.test(raw))
    throw new AnelloError(
      'ambiguous',
      null,
      `“${raw}” could be thousands or a slip: write it with one point, for the decimals, or with none.`,
    );
  throw new AnelloError('unreadable', null, `Could not read “${raw}” as a number.`);
}

function decimalComma(raw: string): string {
  const [whole = '', part = ''] = raw.split(',');
  const couldBeThousands = part.length === 3 && /^[1-9]\d{0,2}$/.test(whole);
  if (couldBeThousands) {
    throw new AnelloError(
      'ambiguous',
      null,
      `“${raw}” could be ${whole}.${part} or ${whole}${part}. Write it with a point, or without the comma.`,
    );
  }
  return `${whole || '0'}.${part}`;
}
