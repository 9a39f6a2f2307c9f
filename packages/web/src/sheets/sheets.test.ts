// @vitest-environment jsdom
import { pinBlockDesign, shapeCurve, tracerTemplate, type PinBlockWish } from '@anello/core';
import DxfParser from 'dxf-parser';
import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import { exportSheet } from './export';
import { pinBlockSheet } from './pinBlockSheet';
import { box, type Sheet } from './sheet';
import { templateSheets } from './templateSheet';
import { toDxf } from './toDxf';
import { toPdf } from './toPdf';
import { toSvg } from './toSvg';

const wish: PinBlockWish = {
  tapers: [
    { name: 'No. 3 <Morse>', halfAngle: Math.atan(1 / 39.844) },
    { name: '7:24', halfAngle: Math.atan(7 / 48) },
  ],
  width: 110,
  height: 40,
  holeDiameter: 6,
  resolution: 0.005,
  wall: 1.5,
};
const design = pinBlockDesign(wish);
const sheet = pinBlockSheet(wish, design);

/** Circles of the part as the drawing should have them: the origin and each hole, apart from one another. */
const apart = (circles: readonly { x: number; y: number }[]) =>
  circles.slice(1).map((c) => [c.x - circles[0]!.x, c.y - circles[0]!.y]);
const wanted = design.holes.map((h) => [h.x, h.y]);
const close = (got: readonly number[][], tolerance: number) => {
  expect(got).toHaveLength(wanted.length);
  got.forEach((pair, i) =>
    pair.forEach((value, j) => expect(Math.abs(value - wanted[i]![j]!)).toBeLessThan(tolerance)),
  );
};

describe('a pin block on paper', () => {
  it('keeps inside its page, names every hole, and has a bar to check the printer both ways', () => {
    for (const mark of sheet.marks) {
      const xs = mark.kind === 'line' ? [mark.x1, mark.x2] : [mark.x];
      const ys = mark.kind === 'line' ? [mark.y1, mark.y2] : [mark.y];
      for (const x of xs) expect(x >= 0 && x <= sheet.width).toBe(true);
      for (const y of ys) expect(y >= 0 && y <= sheet.height).toBe(true);
    }
    const words = sheet.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : [])).join('\n');
    for (const { name } of design.holes) expect(words).toContain(name);
    expect(words).toContain('measure both bars');
  });

  it('as SVG is in millimetres, its holes where they belong', () => {
    const document = new DOMParser().parseFromString(toSvg(sheet), 'image/svg+xml');
    const svg = document.documentElement;
    expect(document.querySelector('parsererror')).toBeNull();
    expect(svg.getAttribute('width')).toBe(`${Number(sheet.width.toFixed(4))}mm`);
    expect(svg.getAttribute('viewBox')).toBe(`0 0 ${sheet.width} ${sheet.height}`);
    const circles = [...document.querySelectorAll('circle')].map((c) => ({
      x: Number(c.getAttribute('cx')),
      y: -Number(c.getAttribute('cy')),
    }));
    close(apart(circles), 1e-3);
  });

  it('as DXF is read back by another reader with the same holes and the unit said', () => {
    const read = new DxfParser().parseSync(toDxf(sheet))!;
    expect(read.header['$INSUNITS']).toBe(4);
    const circles = read.entities.filter((e) => e.type === 'CIRCLE') as unknown as {
      center: { x: number; y: number };
      radius: number;
      layer: string;
    }[];
    expect(circles.every((c) => c.radius === 3 && c.layer === 'PART')).toBe(true);
    close(apart(circles.map((c) => c.center)), 1e-9);
    expect(read.entities.filter((e) => e.type === 'LINE').length).toBeGreaterThan(10);
  });

  it('as PDF prints true: a 100 mm box is 100 mm of paper', async () => {
    const plain: Sheet = { title: 'Box', width: 120, height: 80, marks: box('part', 10, 10, 100, 50) };
    const pdf = await PDFDocument.load(await toPdf(plain));
    const page = pdf.getPage(0);
    const POINT = 72 / 25.4;
    expect(page.getWidth()).toBeCloseTo(120 * POINT, 6);
    const stream = pdf.context
      .enumerateIndirectObjects()
      .map(([, object]) => object)
      .filter((object): object is PDFRawStream => object instanceof PDFRawStream)
      .map((object) => new TextDecoder().decode(decodePDFRawStream(object).decode()))
      .join('\n');
    const points = [...stream.matchAll(/([\d.]+) ([\d.]+) [ml]\b/g)].map(([, x, y]) => [
      Number(x),
      Number(y),
    ]);
    const xs = points.map(([x]) => x!);
    const ys = points.map(([, y]) => y!);
    expect((Math.max(...xs) - Math.min(...xs)) / POINT).toBeCloseTo(100, 6);
    expect((Math.max(...ys) - Math.min(...ys)) / POINT).toBeCloseTo(50, 6);
  });

  it.each(['svg', 'dxf', 'pdf'] as const)('comes out as %s with something in it', async (format) => {
    const { type, content } = await exportSheet(sheet, format);
    expect(type).toContain(format === 'svg' ? 'svg' : format);
    expect((content as { length: number }).length).toBeGreaterThan(1000);
  });
});

describe('the line for a stylus, on paper', () => {
  const pieces = shapeCurve([
    { z: 0, r: 9 },
    { z: 200, r: 14, run: 'ogee' },
    { z: 420, r: 8, run: 'ogee' },
  ]);
  const template = tracerTemplate({
    pieces,
    member: 'external',
    noseRadius: 1,
    stylusRadius: 0.5,
    step: 0.5,
  });
  const paper = { width: 297, height: 210 };
  const sheetsAt = (printedBar: number) =>
    templateSheets({ title: 'J-1 Curve', template, printedBar, paper });
  /** Places of the line on a sheet, brought back to the work. */
  const drawnOn = (sheet: Sheet) =>
    sheet.marks.flatMap((m) => (m.kind === 'line' && m.pen === 'part' ? [m] : []));

  it('is full size on every sheet, and neighbouring sheets show the same stretch', () => {
    const sheets = sheetsAt(50);
    expect(sheets.length).toBe(2);
    const [first, second] = sheets.map(drawnOn);
    const long = (marks: typeof first) =>
      Math.max(...marks!.map((m) => m.x2)) - Math.min(...marks!.map((m) => m.x1));
    expect(long(first) + long(second)).toBeGreaterThan(420);
    // The last of the first sheet is on the second as well, a sheet's step further left.
    const step = 297 - 24 - 15;
    const [end] = first!.slice(-1);
    const again = second!.find((m) => Math.abs(m.x1 + step - end!.x1) < 0.3);
    expect(again!.y1).toBeCloseTo(end!.y1, 1);
    for (const sheet of sheets)
      for (const m of drawnOn(sheet)) expect(Math.max(m.x1, m.x2)).toBeLessThanOrEqual(297 - 12 + 1e-6);
  });
  it('every place of the line stands where the template has it', () => {
    const [sheet] = sheetsAt(50);
    const base = Math.min(...template.line.map((p) => p.r)) - 8;
    for (const m of drawnOn(sheet!)) {
      const at = { z: m.x1 - 12, r: m.y1 - 42 + base };
      const near = template.line.reduce((a, b) => (Math.abs(b.z - at.z) < Math.abs(a.z - at.z) ? b : a));
      expect(near.r).toBeCloseTo(at.r, 3);
    }
  });
  it('a printer that prints 50 mm as 49 gets it drawn larger by as much', () => {
    const [plain, grown] = [sheetsAt(50)[0]!, sheetsAt(49)[0]!].map((s) => drawnOn(s)[10]!);
    expect((grown!.x2 - grown!.x1) / (plain!.x2 - plain!.x1)).toBeCloseTo(50 / 49, 6);
    const bar = sheetsAt(49)[0]!.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []));
    expect(bar).toContain('50 mm: measure both bars before use');
    expect(() => sheetsAt(5)).toThrow(expect.objectContaining({ field: 'printedBar' }));
  });
  it('goes to a PDF of as many pages, each its paper’s own size', async () => {
    const pdf = await PDFDocument.load(await toPdf(...sheetsAt(50)));
    expect(pdf.getPageCount()).toBe(2);
    expect(pdf.getPage(1).getWidth()).toBeCloseTo((297 * 72) / 25.4, 3);
  });
});
