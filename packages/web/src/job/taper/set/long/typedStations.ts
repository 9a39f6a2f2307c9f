import { AnelloError } from '@anello/core/basics';
import { parseQuantity, type DefaultUnit } from '@anello/core/quantity';
import { plainFigure } from '../../../../files/read/plainFigure';

/** A station as it was typed: where the slide stood, and what was read. */
export interface TypedStation {
  readonly at: string;
  readonly seen: string;
}

/** Between the two in a line: never in a figure, so that a comma may be the decimal one. */
const BETWEEN = '; ';
/** More are from an instrument or a file: nobody looks through them in a table. */
const MOST = 200;

/** The stations of a text in the table's own form, as typed; null of a text in any other form. */
export function stationsOf(text: string): readonly TypedStation[] | null {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length > MOST) return null;
  const rows = lines.map((line) => line.split(BETWEEN));
  return rows.every((cells) => cells.length === 2 && cells.every((cell) => cell.trim() !== ''))
    ? rows.map(([at = '', seen = '']) => ({ at, seen }))
    : null;
}

export const textOf = (stations: readonly TypedStation[]): string =>
  stations.map(({ at, seen }) => at + BETWEEN + seen).join('\n');

/** Where the next station is: as far on as the last was from the one before it. Nothing before there are two. */
export function nextStation(stations: readonly TypedStation[]): string {
  const [before, last] = stations.slice(-2).map(({ at }) => plainFigure(at));
  if (before === undefined || last === undefined || before === null || last === null) return '';
  return String(Number((2 * last - before).toFixed(6)));
}

/** What is wrong with a figure of a station, in a sentence; null where nothing is. */
export function wrongWith(text: string, defaultUnit: DefaultUnit): string | null {
  if (plainFigure(text) !== null) return null;
  try {
    parseQuantity({ text, dimension: 'length', defaultUnit });
    return null;
  } catch (error) {
    if (error instanceof AnelloError) return error.message;
    throw error;
  }
}
