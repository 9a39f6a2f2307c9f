import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { arcEnds, type Mark, type Pen, type Sheet } from '../sheet';

/** PDF counts in points of 1/72 inch. */
const POINT = 72 / 25.4;
const WIDTH: Record<Pen, number> = { part: 0.35, centre: 0.13, note: 0.18 };
const DASH: Partial<Record<Pen, number[]>> = { centre: [4, 1, 0.6, 1] };
const CAPS = 0.7;
const INK = rgb(0, 0, 0);

/** Sheets as a PDF, a page of its own size each: printed without fitting to the page, they are true to scale. */
export async function toPdf(...sheets: readonly Sheet[]): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(sheets[0]?.title ?? 'Anello');
  pdf.setProducer('Anello');
  const fonts = {
    plain: await pdf.embedFont(StandardFonts.Helvetica),
    bold: await pdf.embedFont(StandardFonts.HelveticaBold),
  };
  for (const sheet of sheets) {
    const page = pdf.addPage([sheet.width * POINT, sheet.height * POINT]);
    for (const mark of sheet.marks) draw(page, fonts, mark);
  }
  pdf.catalog.getOrCreateViewerPreferences().setPrintScaling('None' as never);
  return pdf.save({ useObjectStreams: false });
}

function draw(page: PDFPage, fonts: Readonly<Record<'plain' | 'bold', PDFFont>>, mark: Mark): void {
  const thickness = WIDTH[mark.pen] * POINT;
  const dashArray = DASH[mark.pen]?.map((d) => d * POINT);
  if (mark.kind === 'line') {
    page.drawLine({
      start: { x: mark.x1 * POINT, y: mark.y1 * POINT },
      end: { x: mark.x2 * POINT, y: mark.y2 * POINT },
      thickness,
      color: INK,
      ...(dashArray ? { dashArray } : {}),
    });
  } else if (mark.kind === 'arc') {
    const { start, end } = arcEnds(mark);
    // Drawn in the page's own points, whose path runs downward from the top.
    const flags = `${Math.abs(mark.sweep) > Math.PI ? 1 : 0} ${mark.sweep > 0 ? 0 : 1}`;
    const r = mark.r * POINT;
    const path = `M${start.x * POINT} ${-start.y * POINT}A${r} ${r} 0 ${flags} ${end.x * POINT} ${-end.y * POINT}`;
    page.drawSvgPath(path, { x: 0, y: 0, borderColor: INK, borderWidth: thickness });
  } else if (mark.kind === 'circle') {
    page.drawCircle({
      x: mark.x * POINT,
      y: mark.y * POINT,
      size: mark.r * POINT,
      borderWidth: thickness,
      borderColor: INK,
    });
  } else if (mark.kind === 'block') {
    page.drawRectangle({
      x: mark.x * POINT,
      y: mark.y * POINT,
      width: mark.width * POINT,
      height: mark.height * POINT,
      color: INK,
    });
  } else {
    const font = mark.bold ? fonts.bold : fonts.plain;
    const size = (mark.size / CAPS) * POINT;
    const text = printable(mark.text);
    const wide = font.widthOfTextAtSize(text, size);
    const shift = mark.anchor === 'middle' ? wide / 2 : mark.anchor === 'end' ? wide : 0;
    page.drawText(text, { x: mark.x * POINT - shift, y: mark.y * POINT, size, font, color: INK });
  }
}

/** The letters every PDF reader has. */
const printable = (text: string): string =>
  text
    .replace(/[′’‘]/g, "'")
    .replace(/[″“”]/g, '"')
    .replace(/−/g, '-')
    .replace(/\u00a0/g, ' ')
    .replace(/⌀/g, 'ø')
    .replace(/[^\u0020-\u007e\u00a1-\u00ff–—…•]/g, '?');
