import { AnelloError } from '../basics/error';
import { parseQuantity } from './parseQuantity';

export interface CountRange {
  readonly least: number;
  readonly most: number;
  /** What one is, for the sentence: "change gear". */
  readonly what: string;
}

/**
 * Whole numbers as people write them, with commas, semicolons or spaces between. Errors: as parseQuantity;
 * out-of-range for one that is not whole or lies outside the range, naming it.
 *
 * @example
 * parseCounts('20, 25 40', { least: 1, most: 100, what: 'number' })
 * // → [20, 25, 40]
 */
export function parseCounts(text: string, range: CountRange): number[] {
  return text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((piece) => countOf(piece, range));
}

function countOf(piece: string, { least, most, what }: CountRange): number {
  const refuse = (): AnelloError =>
    new AnelloError('out-of-range', 'count', `“${piece}” is no ${what}: ${least} to ${most}.`);
  if (!/^\d/.test(piece)) throw refuse();
  const { value } = parseQuantity({ text: piece, dimension: 'number', defaultUnit: '1' });
  if (!Number.isInteger(value) || value < least || value > most) throw refuse();
  return value;
}
