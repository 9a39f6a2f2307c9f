import type { CoordinateTable } from '@anello/core/curve';
import { box, line, type Mark, type Sheet } from '../sheet';

export interface StepSheetWish {
  readonly title: string;
  readonly rows: CoordinateTable['rows'];
  /** Heads of the columns, and a row's figures as they are read on this lathe. */
  readonly heads: readonly [string, string, string];
  readonly written: (row: CoordinateTable['rows'][number]) => readonly [string, string, string];
}

/** A4, standing, mm. */
const PAPER = { width: 210, height: 297 };
const MARGIN = 14;
const ROW = 5.6;
const TOP = 24;
const COLUMNS = 2;
const TEXT = 2.7;
/** Of a column's width: box, step, and the three figures' right edges. */
const BOX = 3.4;
const EDGES = [16, 40, 64, 86] as const;

/** A table of steps on paper, two columns a page, with a box before each to tick off at the machine. */
export function stepSheets({ title, rows, heads, written }: StepSheetWish): Sheet[] {
  const perColumn = Math.floor((PAPER.height - TOP - MARGIN - ROW) / ROW);
  const perSheet = COLUMNS * perColumn;
  const count = Math.max(1, Math.ceil(rows.length / perSheet));
  return Array.from({ length: count }, (_, page) => {
    const shown = rows.slice(page * perSheet, (page + 1) * perSheet);
    const columns = Array.from({ length: COLUMNS }, (_c, c) =>
      shown.slice(c * perColumn, (c + 1) * perColumn),
    );
    const marks = columns.flatMap((column, c) => {
      if (column.length === 0) return [];
      const x = MARGIN + c * ((PAPER.width - 2 * MARGIN) / COLUMNS);
      const first = page * perSheet + c * perColumn;
      return [
        ...rowMarks(x, PAPER.height - TOP, ['step', ...heads]),
        line('note', x, PAPER.height - TOP - 1.6, x + EDGES[3], PAPER.height - TOP - 1.6),
        ...column.flatMap((row, i) => {
          const y = PAPER.height - TOP - (i + 1) * ROW;
          return [
            ...box('note', x, y - 0.4, BOX, BOX),
            ...rowMarks(x, y, [String(first + i + 1), ...written(row)]),
          ];
        }),
      ];
    });
    const head = words(
      MARGIN,
      PAPER.height - MARGIN,
      `${title}, sheet ${page + 1} of ${count}`,
      'start',
      3.4,
    );
    return { title: `${title} ${page + 1}`, ...PAPER, marks: [head, ...marks] };
  });
}

const rowMarks = (x: number, y: number, texts: readonly string[]): Mark[] =>
  texts.map((text, i) => words(x + (EDGES[i] ?? 0), y, text, 'end', TEXT));

const words = (x: number, y: number, text: string, anchor: 'start' | 'end', size: number): Mark => ({
  kind: 'text',
  pen: 'note',
  x,
  y,
  size,
  text,
  anchor,
});
