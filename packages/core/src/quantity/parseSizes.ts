import { AnelloError } from '../basics/error';
import { parseQuantity } from './parseQuantity';
import type { DefaultUnit } from './units';

/** No set owned has more pieces than this. */
const MOST = 400;
const RANGE = /^(.+?)\s+to\s+(.+?)\s+by\s+(.+)$/i;
/** A range may miss its last piece by this part of a step. */
const GRAIN = 1e-6;

/**
 * Sizes of a set as people write them: commas, semicolons or lines between, and ranges, `1.01 to 1.49 by 0.01`.
 * Answers mm, in the order given, doubles kept (a set may own two alike). Errors: as parseQuantity, with
 * the piece that could not be read; out-of-range for a size of nothing, a range that runs away or too many.
 *
 * @example
 * parseSizes('0.5, 1 to 2 by 0.5', 'mm')
 * // → [0.5, 1, 1.5, 2]
 */
export function parseSizes(text: string, unit: Extract<DefaultUnit, 'mm' | 'in'>): number[] {
  const pieces = text
    .split(/[;\n]|,(?!\d)|,(?=\d*\.)/)
    .map((piece) => piece.trim())
    .filter(Boolean);
  const sizes = pieces.flatMap((piece) => {
    const range = RANGE.exec(piece);
    return range ? rangeOf(range.slice(1) as [string, string, string], unit) : [sizeOf(piece, unit)];
  });
  if (sizes.length > MOST) throw tooMany();
  return sizes;
}

function sizeOf(text: string, unit: 'mm' | 'in'): number {
  const { value } = parseQuantity({ text, dimension: 'length', defaultUnit: unit });
  if (value <= 0)
    throw new AnelloError('out-of-range', 'sizes', `“${text}” is no size: it must be more than zero.`);
  return clean(value);
}

function rangeOf([from, to, by]: [string, string, string], unit: 'mm' | 'in'): number[] {
  const [first, last, step] = [sizeOf(from, unit), sizeOf(to, unit), sizeOf(by, unit)];
  const count = Math.floor((last - first) / step + GRAIN) + 1;
  if (count < 1) throw new AnelloError('out-of-range', 'sizes', `“${from} to ${to}” runs backwards.`);
  if (count > MOST) throw tooMany();
  return Array.from({ length: count }, (_, i) => clean(first + i * step));
}

const clean = (mm: number): number => Number(mm.toFixed(6));
const tooMany = (): AnelloError =>
  new AnelloError('out-of-range', 'sizes', `A set has at most ${MOST} pieces.`);
