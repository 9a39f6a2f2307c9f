import { plainText, type Phrase } from '@anello/core/figure';
import type { PartLayout } from '@anello/core/part';
import type { HoldingSaid, OperationSaid } from '@anello/core/plan';
import { box, line, type Mark, type Sheet } from '../sheet';
import { Pages, type Paper } from './pages';
import { writeHead, type SheetHead } from './head';
import { partMarks } from './partMarks';
import { qrMarks } from './qr';

/** What a job's sheet is made of; everything worked out already. */
export interface JobSheetGiven extends SheetHead {
  readonly note: string;
  readonly layout: PartLayout;
  /** Of each shape: its name, and its figures in lines. */
  readonly shapes: readonly { readonly name: string; readonly lines: readonly Phrase[] }[];
  readonly holdings: readonly HoldingSaid[];
  /** What is wrong with the order, in sentences. */
  readonly findings: readonly Phrase[];
  /** Where the tablet finds an operation. */
  addressOf(operation: OperationSaid): string;
  readonly units: 'mm' | 'inch';
  readonly paper: Paper;
}

const HOLDING_QR = 19;
const DRAWING = 56;
const BOX = 3.6;
const FIELD = 26;

/** The job on paper, to lie beside the lathe: the part to scale, each holding and what is done in it, boxes to tick and write in. */
export function jobSheet(given: JobSheetGiven): Sheet[] {
  const pages = new Pages(given.paper, `${given.number} ${given.title}`);
  const said = (phrase: Phrase): string => plainText(phrase, given.units).replaceAll('\u00a0', ' ');
  writeHead(pages, given);
  drawing(pages, given);
  for (const { name, lines } of given.shapes) {
    pages.need(12);
    pages.write(name, { bold: true });
    for (const one of lines) pages.write(said(one), { indent: 4 });
  }
  if (given.shapes.length > 0) pages.rule();
  for (const finding of given.findings) pages.write(`Look: ${said(finding)}`, { bold: true });
  given.holdings.forEach((holding, i) => holdingOf(pages, holding, i + 1, given, said));
  end(pages, given);
  return pages.sheets();
}

function drawing(pages: Pages, { layout, units }: JobSheetGiven): void {
  if (layout.sections.length === 0) return;
  const drawn = partMarks(layout, { width: pages.width, height: DRAWING }, units);
  pages.put(drawn.height, (y) => drawn.marks(pages.left, y));
  pages.write(
    `Upper half in section, ${drawn.scale} when printed without fitting to the page; sizes in ${units === 'mm' ? 'mm' : 'inch'}, as written.`,
    {
      size: 2,
    },
  );
  pages.rule();
}

function holdingOf(
  pages: Pages,
  holding: HoldingSaid,
  number: number,
  given: JobSheetGiven,
  said: (phrase: Phrase) => string,
): void {
  pages.need(HOLDING_QR + 8);
  const [first] = holding.operations;
  if (first)
    pages.beside((top) =>
      qrMarks(given.addressOf(first), pages.right - HOLDING_QR, top - HOLDING_QR, HOLDING_QR),
    );
  const beside = { spare: HOLDING_QR + 3 };
  pages.write(`${number}  ${holding.name}`, {
    size: 3.2,
    bold: true,
    right: `${Math.round(holding.minutes)} min a piece`,
    ...beside,
  });
  pages.write(said(holding.held), beside);
  if (holding.clocked) pages.write(said(holding.clocked), beside);
  if (holding.caution) pages.write(holding.caution, { bold: true, ...beside });
  if (holding.tools.length > 0)
    pages.write(`Lay out: ${holding.tools.map(said).join('; ')}.`, { size: 2.2, ...beside });
  pages.skip(Math.max(0, 3 - holding.tools.length));
  for (const operation of holding.operations) operationOf(pages, operation, said);
  pages.rule();
}

/** A box to tick, what is done, and a line for what was measured. */
function operationOf(pages: Pages, operation: OperationSaid, said: (phrase: Phrase) => string): void {
  pages.need(9);
  pages.beside((top): Mark[] => [
    ...box('note', pages.left, top - BOX - 0.8, BOX, BOX),
    line('note', pages.right - FIELD, top - 4.6, pages.right, top - 4.6),
  ]);
  operation.lines.forEach((one, i) =>
    pages.write(said(one), {
      size: 2.6,
      indent: 7,
      spare: FIELD + 4,
      ...(i === 0 ? { right: `${Math.round(operation.minutes)} min` } : {}),
    }),
  );
  for (const finding of operation.findings)
    pages.write(`Look: ${said(finding.phrase)}`, { indent: 7, bold: true, spare: FIELD + 4 });
  pages.skip(1.4);
}

function end(pages: Pages, { note }: JobSheetGiven): void {
  if (note) {
    pages.write('Note', { bold: true });
    for (const one of note.split('\n')) pages.write(one, { indent: 4 });
  }
  pages.need(30);
  pages.write('Written at the lathe', { bold: true });
  for (let i = 0; i < 3; i++) {
    pages.skip(6);
    pages.rule();
  }
  pages.write('The machine’s manual and the shop’s rules come first.', { size: 2 });
}
