import { AnelloError } from '@anello/core/basics';
import { MM_PER_INCH } from '@anello/core/figure';
import { parseQuantity, type DefaultUnit } from '@anello/core/quantity';
import { columnsOf } from './columns';
import { plainFigure } from './plainFigure';

export interface ReadSweep {
  /** mm. */
  readonly travel: readonly number[];
  readonly reading: readonly number[];
  /** Lines that could not be read, counted from 1, with what is wrong; and how many there were in all. */
  readonly unread: readonly { readonly line: number; readonly said: string }[];
  readonly left: number;
}

/** Said one by one; of more it is said how many. */
const SAID = 8;
/** How far it is told once in so many lines. */
const TELL = 5000;
const MM: Readonly<Record<string, number>> = {
  mm: 1,
  um: 0.001,
  µm: 0.001,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
};

/**
 * Two columns, travel and reading, one pair a line, from a file or typed: a tab, a semicolon, a comma, blanks or an arrow
 * between. Without commas between them a comma may be the decimal one. A heading may name the unit of each column; else a figure is as any is
 * typed here. How far it is may be told meanwhile, 0 to 1.
 */
export function readSweep(
  text: string,
  defaultUnit: DefaultUnit,
  onPart: (part: number) => void = () => undefined,
): ReadSweep {
  const { rows, commas } = columnsOf(text);
  const units: (number | null)[] = [null, null];
  const read = { travel: [] as number[], reading: [] as number[] };
  const unread: { line: number; said: string }[] = [];
  let left = 0;
  rows.forEach((cells, i) => {
    if (i % TELL === 0) onPart(i / rows.length);
    if (cells.every((cell) => cell.trim() === '')) return;
    if (read.travel.length === 0 && left === 0 && !cells.some((cell) => /^\s*[-+.,]?\d/.test(cell)))
      return cells.slice(0, 2).forEach((cell, k) => (units[k] = unitIn(cell)));
    try {
      if (cells.length < 2)
        throw new AnelloError('unreadable', 'sweep', 'Travel and reading, two figures a line.');
      const [at, seen] = [0, 1].map((k) =>
        figureOf(cells[k] as string, commas, units[k] ?? null, defaultUnit),
      );
      read.travel.push(at as number);
      read.reading.push(seen as number);
    } catch (error) {
      if (!(error instanceof AnelloError)) throw error;
      left++;
      if (unread.length < SAID) unread.push({ line: i + 1, said: error.message });
    }
  });
  return { ...read, unread, left };
}

const unitIn = (heading: string): number | null => {
  const words = heading.toLowerCase().match(/[a-zµ]+/g) ?? [];
  return words.map((word) => MM[word]).find((one) => one !== undefined) ?? null;
};

function figureOf(cell: string, commas: boolean, unit: number | null, defaultUnit: DefaultUnit): number {
  const plain = plainFigure(cell, commas);
  if (plain !== null) return plain * (unit ?? (defaultUnit === 'in' ? MM_PER_INCH : 1));
  const text = commas ? cell.trim().replace(',', '.') : cell.trim();
  return parseQuantity({ text, dimension: 'length', defaultUnit }).value;
}
