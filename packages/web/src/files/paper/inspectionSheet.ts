import { figureParts, plainText, type Phrase } from '@anello/core/figure';
import { sizeFigure, type BatchSeries, type SizeUnit } from '@anello/core/job';
import { line, type Mark, type Sheet } from '../sheet';
import { writeHead, type SheetHead } from './head';
import { Pages, type Paper } from './pages';
import { tableRow } from './tableRow';

/** How one piece came out, as it was kept. */
export interface PieceGiven {
  readonly piece: number;
  /** Accepted, sent back, scrapped; nothing while it is open. */
  readonly verdict: string;
  readonly cause: string;
  readonly by: string;
}

export interface InspectionGiven extends SheetHead {
  /** Every figure that was measured, piece by piece. */
  readonly series: readonly BatchSeries[];
  readonly pieces: readonly PieceGiven[];
  /** Everything kept of the piece that is looked at: when, by whom, what. */
  readonly piece: number;
  readonly kept: readonly { readonly at: string; readonly by: string; readonly what: Phrase }[];
  readonly units: 'mm' | 'inch';
  readonly paper: Paper;
}

const ROW = 6;
/** Columns of a table of pieces: the figure, what it may be, and so many pieces before the next table. */
const FIGURE = 46;
const LIMITS = 38;
const PIECES = 5;

/** What was measured of a batch against what it may be, how each piece came out, and everything kept of one of them. */
export function inspectionSheet(given: InspectionGiven): Sheet[] {
  const pages = new Pages(given.paper, `${given.number} ${given.title}`);
  writeHead(pages, given);
  for (let from = 0; from < given.pieces.length; from += PIECES)
    table(pages, given, given.pieces.slice(from, from + PIECES));
  pages.rule();
  pages.need(16);
  pages.write(`Piece ${given.piece}: everything that was kept`, { size: 3.2, bold: true });
  for (const { at, by, what } of given.kept)
    pages.write(`${at}  ${by}  ${plainText(what, given.units).replaceAll('\u00a0', ' ')}`, { indent: 4 });
  if (given.kept.length === 0) pages.write('Nothing yet.', { indent: 4 });
  pages.rule();
  signed(pages);
  return pages.sheets();
}

function table(pages: Pages, { series, units }: InspectionGiven, pieces: readonly PieceGiven[]): void {
  const wide = (pages.width - FIGURE - LIMITS) / PIECES;
  const said = (value: number, unit?: SizeUnit): string => figureParts(sizeFigure(value, unit), units).text;
  const place = (i: number): number => (i === 0 ? 0 : i === 1 ? FIGURE : FIGURE + LIMITS + wide * (i - 1));
  const row = (cells: readonly string[], bold: readonly boolean[] = []): void =>
    tableRow(
      pages,
      cells.map((text, i) => ({ text, at: place(i), end: i > 1, bold: bold[i] ?? false })),
    );
  pages.need(ROW * (Math.min(series.length, 6) + 3));
  row(
    [`Measured, ${units === 'mm' ? 'mm' : 'inch'}`, 'may be', ...pieces.map(({ piece }) => `piece ${piece}`)],
    Array<boolean>(2 + pieces.length).fill(true),
  );
  for (const { what, unit, low, high, points } of series) {
    const seen = pieces.map(({ piece }) => points.find((p) => p.piece === piece));
    row(
      [
        what,
        `${said(low, unit)} to ${said(high, unit)}`,
        ...seen.map((p) => (p ? `${said(p.seen, unit)}${p.inside ? '' : ' OUT'}` : '-')),
      ],
      [false, false, ...seen.map((p) => p !== undefined && !p.inside)],
    );
  }
  row(['Came out', '', ...pieces.map(({ verdict }) => verdict || 'open')]);
  row(['By', '', ...pieces.map(({ by }) => by)]);
  for (const { piece, cause } of pieces) if (cause) pages.write(`Piece ${piece}: ${cause}`, { indent: 4 });
  pages.skip(3);
}

function signed(pages: Pages): void {
  pages.need(16);
  pages.skip(8);
  pages.beside((top): Mark[] => [
    line('note', pages.left, top, pages.left + 70, top),
    line('note', pages.left + 90, top, pages.left + 140, top),
  ]);
  pages.write('Inspected by', { size: 2 });
}
