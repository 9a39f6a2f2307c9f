import { coreFeatures } from '@anello/contract';
import { layoutPart } from '@anello/core/part';
import { describePlan, planPart } from '@anello/core/plan';
import fc from 'fast-check';
import jsQR from 'jsqr';
import { PDFDocument } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import { PLANNED } from '../../../../core/src/examples.testdata';
import { job, shank } from '../../../../contract/src/job/jobs.testdata';
import type { Mark, Sheet } from '../sheet';
import { toPdf } from '../write/toPdf';
import { toSvg } from '../write/toSvg';
import { jobSheet, type JobSheetGiven } from './jobSheet';
import { brokenInto, PAPERS, type Paper } from './pages';
import { partMarks } from './partMarks';
import { qrMarks } from './qr';

const SAID = describePlan(PLANNED, planPart(PLANNED).holdings);
const given = (over: Partial<JobSheetGiven> = {}): JobSheetGiven => ({
  number: 'J-7',
  title: 'Bush',
  facts: ['Long lathe · EN8 · 3 pieces', 'From round bar 32 by 70 mm'],
  note: 'Hub side first.\nKeep the offcut.',
  layout: layoutPart(PLANNED.features),
  shapes: [{ name: 'Cone', lines: [['Half angle 1°']] }],
  holdings: SAID.holdings,
  findings: [],
  address: 'http://lathe.shop:4600/job/j-7/plan',
  addressOf: ({ operation }) => `http://lathe.shop:4600/job/j-7/work/${operation.id}`,
  units: 'mm',
  paper: 'a4',
  ...over,
});
const texts = (sheets: readonly Sheet[]): string[] =>
  sheets.flatMap((s) => s.marks.flatMap((m) => (m.kind === 'text' ? [m.text] : [])));
const flat = (text: string): string => text.replaceAll('\u00a0', ' ');

/** What a camera reads of the filled squares in a part of a page. */
function read(marks: readonly Mark[], dots = 12): string | null {
  const blocks = marks.filter((m) => m.kind === 'block');
  const [x0, y0] = [Math.min(...blocks.map((b) => b.x)) - 4, Math.min(...blocks.map((b) => b.y)) - 4];
  const wide = Math.ceil((Math.max(...blocks.map((b) => b.x + b.width)) + 4 - x0) * dots);
  const high = Math.ceil((Math.max(...blocks.map((b) => b.y + b.height)) + 4 - y0) * dots);
  const pixels = new Uint8ClampedArray(wide * high * 4).fill(255);
  for (const b of blocks)
    for (let y = Math.round((b.y - y0) * dots); y < Math.round((b.y + b.height - y0) * dots); y++)
      for (let x = Math.round((b.x - x0) * dots); x < Math.round((b.x + b.width - x0) * dots); x++)
        pixels.fill(0, ((high - 1 - y) * wide + x) * 4, ((high - 1 - y) * wide + x) * 4 + 3);
  return jsQR(pixels, wide, high)?.data ?? null;
}

describe('a job on paper', () => {
  it.each(Object.keys(PAPERS) as Paper[])(
    'on %s keeps inside its pages, and has every operation once with a box and a line to write on',
    (paper) => {
      const sheets = jobSheet(given({ paper }));
      for (const { width, height, marks } of sheets) {
        expect([width, height]).toEqual([PAPERS[paper].width, PAPERS[paper].height]);
        for (const mark of marks) {
          const places = mark.kind === 'line' ? [mark.x1, mark.x2] : [mark.x];
          const heights = mark.kind === 'line' ? [mark.y1, mark.y2] : [mark.y];
          for (const x of places) expect(x >= 0 && x <= width).toBe(true);
          for (const y of heights) expect(y >= 0 && y <= height).toBe(true);
        }
      }
      const all = texts(sheets).join(' ').replaceAll(/\s+/g, ' ');
      for (const [i, { name, operations }] of SAID.holdings.entries()) {
        expect(all).toContain(`${i + 1} ${name}`);
        expect(operations.length).toBeGreaterThan(0);
      }
      const minutes = texts(sheets).filter((text) => /^\d+ min$/.test(text));
      expect(minutes).toHaveLength(SAID.holdings.flatMap((one) => one.operations).length);
      expect(all).toContain('Keep the offcut.');
      expect(all).toContain('manual');
    },
  );
  it('goes on to as many pages as it takes, each saying which it is', () => {
    const long = given({ holdings: Array.from({ length: 6 }, () => SAID.holdings).flat() });
    const sheets = jobSheet(long);
    expect(sheets.length).toBeGreaterThan(2);
    sheets.forEach((sheet, i) => expect(texts([sheet])).toContain(`page ${i + 1} of ${sheets.length}`));
  });
  it('says first what is wrong with the order, and stands without any line of work', () => {
    expect(texts(jobSheet(given({ findings: [['The bar is too short']] })))).toContain(
      'Look: The bar is too short',
    );
    const bare = jobSheet(given({ holdings: [], shapes: [], layout: layoutPart([]), note: '' }));
    expect(bare).toHaveLength(1);
  });
  it('leads back to the line of work and to each holding’s first step', () => {
    const [first] = jobSheet(given());
    const right = first!.marks.filter((m) => m.kind === 'block');
    const top = PAPERS.a4.height - 14;
    expect(read(right.filter((m) => m.y > top - 30))).toBe('http://lathe.shop:4600/job/j-7/plan');
    const below = right.filter((m) => m.y <= top - 30);
    const highest = Math.max(...below.map((m) => m.y));
    const [operation] = SAID.holdings[0]!.operations;
    expect(read(below.filter((m) => m.y > highest - 19))).toBe(
      `http://lathe.shop:4600/job/j-7/work/${operation!.operation.id}`,
    );
  });
  it('goes to PDF with letters its readers have, whatever is written in it', async () => {
    const odd = given({ title: 'Büchse ⌀ → ½ 軸 “x”', note: 'a\tb ✓' });
    const pdf = await PDFDocument.load(await toPdf(...jobSheet(odd)));
    expect(pdf.getPageCount()).toBe(jobSheet(odd).length);
    expect(toSvg(jobSheet(odd)[0]!)).toContain('font-weight="bold"');
  });
});

describe('a square to be read by a tablet', () => {
  it('is read as what was put in, at any size', () => {
    fc.assert(
      fc.property(fc.webUrl(), fc.integer({ min: 18, max: 40 }), (url, size) => {
        expect(read(qrMarks(url, 10, 20, size), 24)).toBe(url);
      }),
      { numRuns: 25 },
    );
  });
});

describe('the part to scale', () => {
  const layout = layoutPart(coreFeatures(job({ features: [shank()] }).features));
  it('is the largest of the usual scales that goes in, and as long as it says', () => {
    for (const width of [60, 120, 182, 400]) {
      const drawn = partMarks(layout, { width, height: 56 }, 'mm');
      const [paper, part] = drawn.scale.split(' : ').map(Number) as [number, number];
      const solid = drawn
        .marks(0, 0)
        .flatMap((m) => (m.kind === 'line' && m.pen === 'part' ? [m.x1, m.x2] : []));
      expect(Math.max(...solid) - Math.min(...solid)).toBeCloseTo((layout.length * paper) / part, 6);
      expect(Math.max(...solid) - Math.min(...solid)).toBeLessThanOrEqual(width);
    }
  });
  it('writes sizes in the unit in use', () => {
    const inch = partMarks(layout, { width: 182, height: 56 }, 'inch').marks(0, 0);
    const said = inch.flatMap((m) => (m.kind === 'text' ? [flat(m.text)] : []));
    expect(said.some((text) => /^ø0\.\d+ to ø0\.\d+$/.test(text))).toBe(true);
  });
});

describe('words in lines', () => {
  it('loses none and keeps them inside their room where one word fits', () => {
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { maxLength: 40 }), (words) => {
        const lines = brokenInto(words.join(' '), 60, 2.5);
        expect(lines.join(' ')).toBe(words.join(' '));
        for (const line of lines) expect(line.length).toBeLessThanOrEqual(34);
      }),
    );
  });
});
