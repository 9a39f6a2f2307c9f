import { line, type Mark } from '../sheet';
import { brokenInto, type Pages } from './pages';

/** A cell of a table on paper: what stands in it, and from where, mm from the left edge of the printed part. */
export interface Cell {
  readonly text: string;
  readonly at: number;
  /** It ends there instead of beginning. */
  readonly end?: boolean;
  readonly bold?: boolean;
}

const TEXT = 2.4;
const ROW = 6;

/** A row of cells with a line under it. */
export function tableRow(
  pages: Pages,
  cells: readonly Cell[],
  { row = ROW, size = TEXT, right = pages.width }: { row?: number; size?: number; right?: number } = {},
): void {
  pages.put(row, (y): Mark[] => [
    ...cells.map(({ text, at, end = false, bold = false }): Mark => ({
      kind: 'text',
      pen: 'note',
      x: pages.left + at,
      y: y + (row - size) / 2,
      size,
      text,
      anchor: end ? 'end' : 'start',
      bold,
    })),
    line('note', pages.left, y, pages.left + right, y),
  ]);
}

/** As much of some words as goes into so much room, mm, with a sign where something is left out. */
export function firstLine(text: string, room: number): string {
  const [first = '', ...more] = brokenInto(text, room, TEXT, false);
  return more.length > 0 ? `${first} …` : first;
}
