import { AnelloError } from '@anello/core/basics';
import { parseQuantity, type DefaultUnit } from '@anello/core/quantity';
import { columnsOf } from './columns';

/** A place on turned work: along the axis, and its diameter; mm. */
export interface ReadPlace {
  readonly z: number;
  readonly diameter: number;
}

export interface ReadPlaces {
  readonly places: readonly ReadPlace[];
  /** Lines that could not be read, counted from 1, with what is wrong. */
  readonly unread: readonly { readonly line: number; readonly said: string }[];
}

/** Two columns, the first along and the second the diameter; what follows them on a line is remarks. */
const COLUMNS = 2;

/**
 * Places typed or from a CSV, one a line: along, diameter, each as any figure is typed here, with a comma, a semicolon, a
 * tab, blanks or an arrow between. Without commas between them a comma may be the decimal one. A first line without a figure is a heading.
 */
export function readPlaces(text: string, defaultUnit: DefaultUnit): ReadPlaces {
  const places: ReadPlace[] = [];
  const unread: { line: number; said: string }[] = [];
  columnsOf(text).rows.forEach((cells, i) => {
    if (cells.every((cell) => cell.trim() === '')) return;
    try {
      places.push(placeOf(cells, defaultUnit));
    } catch (error) {
      if (!(error instanceof AnelloError)) throw error;
      if (i > 0 || cells.some((cell) => /\d/.test(cell))) unread.push({ line: i + 1, said: error.message });
    }
  });
  return { places, unread };
}

function placeOf(cells: readonly string[], defaultUnit: DefaultUnit): ReadPlace {
  if (cells.length < COLUMNS)
    throw new AnelloError('unreadable', 'places', 'Along and diameter, with a comma between.');
  const [z = 0, diameter = 0] = cells
    .slice(0, COLUMNS)
    .map((cell) => parseQuantity({ text: cell, dimension: 'length', defaultUnit }).value);
  return { z, diameter };
}
