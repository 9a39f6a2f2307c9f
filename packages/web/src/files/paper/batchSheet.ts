import { figureParts, length, plainText, type Phrase } from '@anello/core/figure';
import { box, type Mark, type Sheet } from '../sheet';
import { writeHead, type SheetHead } from './head';
import { Pages, type Paper } from './pages';
import { sideOfLimits } from '@anello/core/fit';
import { firstLine, tableRow } from './tableRow';

/** An operation of the batch: what is done, and the pieces it is done on. */
export interface BatchRow {
  readonly what: Phrase;
  readonly done: ReadonlySet<number>;
  /** What is measured in it: what it may be, and what it was on each piece. */
  readonly measured: readonly {
    readonly what: string;
    readonly low: number;
    readonly high: number;
    readonly seen: ReadonlyMap<number, number>;
  }[];
}

export interface BatchSheetGiven extends SheetHead {
  readonly holdings: readonly { readonly name: string; readonly rows: readonly BatchRow[] }[];
  readonly pieces: number;
  readonly units: 'mm' | 'inch';
  readonly paper: Paper;
}

const WHAT = 86;
const BOX = 3.4;
/** Pieces side by side before the next table. */
const ACROSS = 8;
const ROW = 6.5;

/** A batch on paper: operations down, pieces across, a box to tick for each and room to write what was measured. */
export function batchSheet(given: BatchSheetGiven): Sheet[] {
  const pages = new Pages(given.paper, `${given.number} ${given.title}`);
  writeHead(pages, given);
  for (let from = 1; from <= given.pieces; from += ACROSS)
    table(pages, given, from, Math.min(given.pieces, from + ACROSS - 1));
  return pages.sheets();
}

function table(pages: Pages, given: BatchSheetGiven, from: number, to: number): void {
  const across = Array.from({ length: to - from + 1 }, (_, i) => from + i);
  const wide = (pages.width - WHAT) / ACROSS;
  const at = (piece: number): number => WHAT + wide * (piece - from + 0.5);
  pages.need(30);
  tableRow(pages, [
    { text: `Pieces ${from} to ${to}`, at: 0, bold: true },
    ...across.map((piece) => ({ text: String(piece), at: at(piece), bold: true })),
  ]);
  for (const { name, rows } of given.holdings) {
    pages.need(2 * ROW);
    tableRow(pages, [{ text: name, at: 0, bold: true }]);
    for (const row of rows) rowOf(pages, row, across, at, given.units);
  }
  pages.skip(5);
}

function rowOf(
  pages: Pages,
  { what, done, measured }: BatchRow,
  across: readonly number[],
  at: (piece: number) => number,
  units: 'mm' | 'inch',
): void {
  pages.need(ROW * (1 + measured.length));
  pages.beside((top): Mark[] =>
    across
      .filter((piece) => !done.has(piece))
      .flatMap((piece) => box('note', pages.left + at(piece), top - ROW + (ROW - BOX) / 2, BOX, BOX)),
  );
  tableRow(
    pages,
    [
      { text: firstLine(plainText(what, units).replaceAll('\u00a0', ' '), WHAT - 6), at: 2 },
      ...across.filter((piece) => done.has(piece)).map((piece) => ({ text: 'done', at: at(piece) })),
    ],
    { row: ROW },
  );
  const said = (value: number): string => figureParts(length(value, 0.001), units).text;
  for (const { what: name, low, high, seen } of measured)
    tableRow(
      pages,
      [
        { text: firstLine(`${name}, ${said(low)} to ${said(high)}`, WHAT - 10), at: 6 },
        ...across.flatMap((piece) => {
          const value = seen.get(piece);
          return value === undefined
            ? []
            : [
                {
                  text: said(value),
                  at: at(piece),
                  bold: sideOfLimits(value, { least: low, most: high }) !== 'inside',
                },
              ];
        }),
      ],
      { row: ROW },
    );
}
