import type { PartLayout } from '@anello/core/part';
import type { Sheet } from '../sheet';
import { writeHead, type SheetHead } from './head';
import { Pages, type Paper } from './pages';
import { partMarks } from './partMarks';
import { tableRow } from './tableRow';

/** A taper as it hangs beside the lathe. */
export interface TaperCardGiven extends SheetHead {
  readonly layout: PartLayout;
  /** Its figures, the two or three that are set first: what each is, in mm or degrees, and in inches or the other way of saying it. */
  readonly figures: readonly (readonly [label: string, figure: string, other: string])[];
  /** Cone within, by grade. */
  readonly grades: readonly (readonly [grade: string, zone: string])[];
  readonly notes: readonly string[];
  readonly units: 'mm' | 'inch';
  readonly paper: Paper;
}

const DRAWING = 46;
const FIGURE = 110;
/** Read at arm's length. */
const LARGE = 4;

/** One taper on paper: drawn to scale, its figures large, its grades, what it holds by. */
export function taperCard(given: TaperCardGiven): Sheet[] {
  const pages = new Pages(given.paper, `${given.number} ${given.title}`);
  writeHead(pages, given);
  if (given.layout.sections.length > 0) {
    const drawn = partMarks(given.layout, { width: pages.width, height: DRAWING }, given.units);
    pages.put(drawn.height, (y) => drawn.marks(pages.left, y));
    pages.write(`${drawn.scale} when printed without fitting to the page.`, { size: 2 });
    pages.rule();
  }
  for (const [label, figure, other] of given.figures)
    tableRow(
      pages,
      [
        { text: label, at: 0 },
        { text: figure, at: FIGURE, end: true, bold: true },
        { text: other, at: pages.width, end: true },
      ],
      { row: 2.6 * LARGE, size: LARGE },
    );
  pages.skip(4);
  if (given.grades.length > 0) {
    pages.need(20);
    pages.write('Cone within, on diameter over its length', { size: 3, bold: true });
    const wide = pages.width / given.grades.length;
    tableRow(
      pages,
      given.grades.map(([grade], i) => ({ text: grade, at: wide * i, bold: true })),
    );
    tableRow(
      pages,
      given.grades.map(([, zone], i) => ({ text: zone, at: wide * i })),
    );
    pages.skip(3);
  }
  for (const note of given.notes) pages.write(note, { size: 2.6 });
  return pages.sheets();
}
