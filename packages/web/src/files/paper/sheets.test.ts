import { shapeCurve, tracerTemplate } from '@anello/core/curve';
import { formatFigure, length } from '@anello/core/figure';
import { formTool } from '@anello/core/form-tool';
import { pinBlockDesign, type PinBlockWish } from '@anello/core/kit';
import DxfParser from 'dxf-parser';
import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import { exportSheet } from '../write/export';
import { formToolSheet } from './formToolSheet';
import { pinBlockSheet } from './pinBlockSheet';
import { box, scaleBars, uprightBar, type Sheet } from '../sheet';
import { stepSheets } from './stepSheets';
import { templateSheets } from './templateSheet';
import { toDxf } from '../write/toDxf';
import { toPdf } from '../write/toPdf';
import { toSvg } from '../write/toSvg';

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

/** Everything a PDF draws, page after page, as its operators. */
const contentOf = (pdf: PDFDocument): string =>
  pdf.context
    .enumerateIndirectObjects()
    .map(([, object]) => object)
    .filter((object): object is PDFRawStream => object instanceof PDFRawStream)
    .map((object) => new TextDecoder().decode(decodePDFRawStream(object).decode()))
    .join('\n');
const POINT = 72 / 25.4;
/** Straights drawn with the part's own pen, mm on the paper. */
const partLines = (content: string): { x1: number; y1: number; x2: number; y2: number }[] =>
  [...content.matchAll(/([\d.]+) w\s[^wQ]*?([-\d.]+) ([-\d.]+) m\s+([-\d.]+) ([-\d.]+) l/g)]
    .filter(([, wide]) => Math.abs(Number(wide) - 0.35 * POINT) < 1e-6)
    .map(([, , ...places]) => places.map((one) => Number(one) / POINT))
    .map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => ({ x1, y1, x2, y2 }));

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

  it('a bar has an end to lay a rule to at both of its ends', () => {
    const lines = scaleBars(10, 20, 49, 50).flatMap((m) => (m.kind === 'line' ? [m] : []));
    const ends = lines.filter((m) => m.x1 === m.x2);
    expect(ends.map((m) => m.x1)).toEqual([10, 59]);
    for (const { y1, y2 } of ends)
      expect([Math.min(y1, y2) < 20, Math.max(y1, y2) > 20]).toEqual([true, true]);
    const upright = uprightBar(10, 20, 49).flatMap((m) => (m.kind === 'line' && m.y1 === m.y2 ? [m] : []));
    expect(upright.map((m) => m.y1)).toEqual([20, 69]);
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
    expect(page.getWidth()).toBeCloseTo(120 * POINT, 6);
    const stream = contentOf(pdf);
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
  const held = { member: 'external', dial: (tip: number) => `${(2 * tip).toFixed(2)} on it` } as const;
  const sheetsAt = (printedBar: number) =>
    templateSheets({ title: 'J-1 Curve', template, printedBar, paper, ...held });
  /** Places of the line on a sheet, brought back to the work. */
  const drawnOn = (sheet: Sheet) =>
    sheet.marks.flatMap((m) => (m.kind === 'line' && m.pen === 'part' ? [m] : []));

  /** The template's own height between its places. */
  const heightAt = (z: number): number => {
    const i = Math.max(
      1,
      template.line.findIndex((p) => p.z >= z - 1e-9),
    );
    const [a, b] = [template.line[i - 1]!, template.line[i]!];
    return a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z);
  };

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
  it('what the line is counted from is said under it', () => {
    const [sheet] = sheetsAt(50);
    const said = sheet!.marks.find((m) => m.kind === 'text' && m.text.startsWith('this line is'));
    const below = Math.min(...drawnOn(sheet!).flatMap((m) => [m.y1, m.y2]));
    expect(said && 'y' in said && said.y).toBeLessThan(below);
  });
  it('every place of the line stands where the template has it', () => {
    const [sheet] = sheetsAt(50);
    const base = Math.min(...template.line.map((p) => p.r)) - 8;
    for (const m of drawnOn(sheet!)) {
      const at = { z: m.x1 - 12 + template.line[0]!.z, r: m.y1 - 44 + base };
      expect(heightAt(at.z)).toBeCloseTo(at.r, 3);
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
  it('a line that rises more than the paper is tall is refused in words', () => {
    const tall = { ...template, line: template.line.map((p, i) => ({ ...p, r: p.r + i / 2 })) };
    expect(() => templateSheets({ title: 'T', template: tall, printedBar: 50, paper, ...held })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'paper' }),
    );
  });
  it.each([50, 49.2])(
    'read back from the PDF the line is full size for a printer that printed %d',
    async (bar) => {
      const [sheet] = sheetsAt(bar);
      const lines = partLines(contentOf(await PDFDocument.load(await toPdf(sheet!))));
      expect(lines.length).toBeGreaterThan(300);
      // As this printer prints it: everything shrinks again by what its bar shrank.
      const shrink = bar / 50;
      const base = Math.min(...template.line.map((p) => p.r)) - 8;
      for (const { x1, y1 } of lines) {
        const at = { z: (x1 - 12) * shrink + template.line[0]!.z, r: (y1 - 44) * shrink + base };
        const after = template.line.findIndex((p) => p.z >= at.z - 1e-6);
        const near = template.line[after]!;
        expect(near.z).toBeCloseTo(at.z, 3);
        expect(near.r).toBeCloseTo(at.r, 3);
      }
    },
  );
  it('has a cross in three corners, clear of its edge, for tape to hold it by', () => {
    const [sheet] = sheetsAt(50);
    const strokes = sheet!.marks.flatMap((m) =>
      m.kind === 'line' && m.pen === 'note' && Math.hypot(m.x2 - m.x1, m.y2 - m.y1) === 6 ? [m] : [],
    );
    const [flat, upright] = [strokes.filter((m) => m.y1 === m.y2), strokes.filter((m) => m.x1 === m.x2)];
    const middles = (lines: typeof strokes) => lines.map((m) => [(m.x1 + m.x2) / 2, (m.y1 + m.y2) / 2]);
    expect(middles(flat)).toEqual(middles(upright));
    expect(middles(flat)).toEqual([
      [12, 198],
      [285, 198],
      [285, 12],
    ]);
  });
  it('two halves of a pair share their datum; the far wall turns a bore’s over', () => {
    const socket = tracerTemplate({
      pieces,
      member: 'internal',
      noseRadius: 1,
      stylusRadius: 0.5,
      step: 0.5,
    });
    const over = (given: typeof template, member: 'external' | 'internal', turnedOver: boolean) => {
      const [sheet] = templateSheets({
        title: 'Pair',
        template: given,
        printedBar: 50,
        paper,
        datum: 4,
        ...held,
        member,
        turnedOver,
      });
      const words = sheet!.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []));
      expect(words).toContain('this line is 4.00\u00a0mm from the axis');
      const datum = sheet!.marks.find((m) => m.kind === 'line' && m.pen === 'centre');
      const [first] = drawnOn(sheet!);
      const stylus = words.some((t) => t.includes('stylus above')) ? 'above' : 'below';
      return { rise: datum?.kind === 'line' ? first!.y1 - datum.y1 : Number.NaN, stylus };
    };
    expect(over(template, 'external', false)).toEqual({
      rise: expect.closeTo(template.line[0]!.r - 4, 6),
      stylus: 'above',
    });
    const rise = socket.line[0]!.r - 4;
    expect(over(socket, 'internal', false)).toEqual({ rise: expect.closeTo(rise, 6), stylus: 'below' });
    expect(over(socket, 'internal', true)).toEqual({ rise: expect.closeTo(-rise, 6), stylus: 'above' });
  });
  it('lists every check point with its dial, and numbers it on the line', () => {
    const [first, second] = sheetsAt(50);
    const words = (sheet: Sheet) => sheet.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []));
    for (const [k, c] of template.checks.entries()) {
      const listed = words(first!).find((t) => t.startsWith(`${k + 1}: at`));
      expect(listed).toContain(held.dial(c.tip));
      expect([...words(first!), ...words(second!)]).toContain(String(k + 1));
    }
  });
});

describe('arcs on paper', () => {
  const arc: Sheet = {
    title: 'Arc',
    width: 80,
    height: 60,
    marks: [{ kind: 'arc', pen: 'part', x: 40, y: 20, r: 30, from: Math.PI / 6, sweep: (2 * Math.PI) / 3 }],
  };
  const ends = { x1: 40 + 30 * Math.cos(Math.PI / 6), x2: 40 - 30 * Math.cos(Math.PI / 6), y: 35 };
  it('SVG: from one end to the other, bulging the right way', () => {
    const path = new DOMParser()
      .parseFromString(toSvg(arc), 'image/svg+xml')
      .querySelector('path')!
      .getAttribute('d')!;
    const [x1, y1, , , , large, sweep, x2, y2] = path.match(/-?[\d.]+/g)!.map(Number);
    expect([x1, x2]).toEqual([ends.x1, ends.x2].map((x) => expect.closeTo(x, 3)));
    expect([60 - y1!, 60 - y2!]).toEqual([35, 35].map((y) => expect.closeTo(y, 3)));
    expect([large, sweep]).toEqual([0, 0]);
  });
  it('DXF: an arc of the same centre, anticlockwise whichever way it was drawn', () => {
    const turned: Sheet = {
      ...arc,
      marks: [{ ...arc.marks[0]!, from: (5 * Math.PI) / 6, sweep: (-2 * Math.PI) / 3 } as never],
    };
    for (const one of [arc, turned]) {
      const [read] = new DxfParser().parseSync(toDxf(one))!.entities as unknown as Record<string, number>[];
      expect(read).toMatchObject({
        type: 'ARC',
        radius: 30,
        startAngle: expect.closeTo(Math.PI / 6, 9),
        endAngle: expect.closeTo((5 * Math.PI) / 6, 9),
      });
    }
  });
  it('PDF: its ends where they belong on the paper', async () => {
    const content = contentOf(await PDFDocument.load(await toPdf(arc)));
    const [, x = '', y = ''] = /([-\d.]+) ([-\d.]+) m/.exec(content) ?? [];
    // Its path runs downward, turned over by the page.
    expect(content).toContain('1 0 0 -1 0 0 cm');
    expect(Number(x) / POINT).toBeCloseTo(ends.x1, 3);
    expect(-Number(y) / POINT).toBeCloseTo(35, 3);
    const curves = [...content.matchAll(/([-\d.]+) ([-\d.]+) c\b/g)].at(-1)!;
    expect(Number(curves[1]) / POINT).toBeCloseTo(ends.x2, 3);
    expect(-Number(curves[2]) / POINT).toBeCloseTo(35, 3);
  });
});

describe('other papers of a curve', () => {
  const inside = ({ marks, width, height }: Sheet): void => {
    for (const mark of marks) {
      const places =
        mark.kind === 'line'
          ? [
              [mark.x1, mark.y1],
              [mark.x2, mark.y2],
            ]
          : [[mark.x, mark.y]];
      for (const [x, y] of places) {
        expect(x! >= 0 && x! <= width).toBe(true);
        expect(y! >= 0 && y! <= height).toBe(true);
      }
    }
  };
  const texts = (sheet: Sheet): string[] => sheet.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : []));

  it('every step once, in order, with a box to tick, on as many sheets as it takes', () => {
    const rows = Array.from({ length: 230 }, (_, i) => ({
      along: i,
      across: i / 10,
      ridge: 0,
      nose: { z: 0, r: 0 },
    }));
    const sheets = stepSheets({
      title: 'J-104 steps',
      rows,
      heads: ['carriage', 'slide', 'ridge'],
      written: (r) => [`c${r.along}`, `s${r.across}`, '0'],
    });
    expect(sheets.length).toBeGreaterThan(1);
    sheets.forEach(inside);
    const all = sheets.flatMap(texts);
    expect(all.filter((t) => /^c\d+$/.test(t))).toEqual(rows.map((r) => `c${r.along}`));
    // Each under its own number, the first being 1.
    const numbers = all.filter((t) => /^\d+$/.test(t) && t !== '0').map(Number);
    expect(numbers).toEqual(rows.map((_, i) => i + 1));
    const each = sheets.map((s) => texts(s).filter((t) => /^c\d+$/.test(t)).length);
    expect(new Set(each.slice(0, -1)).size).toBe(1);
    // In two columns, the second as full as the first before another sheet is begun.
    const boxes = new Set(
      sheets[0]!.marks.flatMap((m) => (m.kind === 'line' && m.x1 === m.x2 ? [m.x1] : [])),
    );
    expect(boxes.size).toBe(4);
    expect(each[0]! % 2).toBe(0);
    const drawn = sheets.flatMap((s) => s.marks.filter((m) => m.kind === 'line')).length;
    expect(drawn).toBeGreaterThanOrEqual(4 * rows.length);
    expect(all).toContain(`J-104 steps, sheet 2 of ${sheets.length}`);
  });

  it.each(['flat', 'circular'] as const)('a %s form tool is drawn full size with its coordinates', (kind) => {
    const work = [
      { z: 0, r: 13 },
      { z: 3.2, r: 13 },
      { z: 3.2, r: 15 },
      { z: 12.8, r: 15 },
    ];
    const tool = formTool({ kind, work, rake: 0.2, clearance: 0.14, toolRadius: 30 });
    const sheet = formToolSheet('Tool', tool, kind);
    inside(sheet);
    const edges = sheet.marks.flatMap((m) => (m.kind === 'line' && m.pen === 'part' ? [m] : []));
    expect(Math.max(...edges.map((m) => m.x2)) - Math.min(...edges.map((m) => m.x1))).toBeCloseTo(12.8, 9);
    for (const p of tool.points) expect(texts(sheet)).toContain(formatFigure(length(p.tool, 0.001), 'mm'));
    expect(texts(sheet)).toContain(kind === 'flat' ? 'depth from the foremost edge' : 'radius of the disc');
    // Along from the tool's own beginning, wherever on the part that lies.
    const further = work.map((p) => ({ ...p, z: p.z + 40 }));
    const there = formTool({ kind, work: further, rake: 0.2, clearance: 0.14, toolRadius: 30 });
    expect(texts(formToolSheet('Tool', there, kind))).toEqual(texts(sheet));
    const step = Math.abs(tool.points[2]!.tool - tool.points[1]!.tool);
    expect(edges.some((m) => Math.abs(Math.abs(m.y2 - m.y1) - step) < 1e-9)).toBe(true);
  });
});
