import { coreFeatures } from '@anello/contract';
import { layoutPart } from '@anello/core/part';
import { describe, expect, it } from 'vitest';
import { job } from '../../../../contract/src/job/jobs.testdata';
import type { Sheet } from '../sheet';
import { batchSheet, type BatchSheetGiven } from './batchSheet';
import { PAPERS, type Paper } from './pages';
import { taperCard } from './taperCard';

const texts = (sheets: readonly Sheet[]): string[] =>
  sheets.flatMap(({ marks }) => marks.flatMap((m) => (m.kind === 'text' ? [m.text] : [])));
const inside = (sheets: readonly Sheet[]): boolean =>
  sheets.every(({ width, height, marks }) =>
    marks.every((m) => {
      const xs = m.kind === 'line' ? [m.x1, m.x2] : [m.x];
      const ys = m.kind === 'line' ? [m.y1, m.y2] : [m.y];
      return xs.every((x) => x >= 0 && x <= width) && ys.every((y) => y >= 0 && y <= height);
    }),
  );
const head = { number: 'J-7', title: 'Shank', facts: ['Long lathe'], address: 'http://lathe.shop/job/j-7' };

describe('a taper’s card', () => {
  it.each(Object.keys(PAPERS) as Paper[])('has its figures large on one page of %s', (paper) => {
    const sheets = taperCard({
      ...head,
      layout: layoutPart(coreFeatures(job().features)),
      figures: [
        ['Half angle', '1°26′16″', '1.4377°'],
        ['Gauge line, diameter', '23.825 mm', '0.938 in'],
      ],
      grades: [
        ['AT5', '0.004 mm'],
        ['AT6', '0.006 mm'],
      ],
      notes: ['Self-holding.'],
      units: 'mm',
      paper,
    });
    expect(sheets).toHaveLength(1);
    expect(inside(sheets)).toBe(true);
    expect(texts(sheets)).toEqual(expect.arrayContaining(['1°26′16″', '0.938 in', 'AT6', 'Self-holding.']));
  });
});

describe('a batch on paper', () => {
  const given = (pieces: number, rows = 2): BatchSheetGiven => ({
    ...head,
    pieces,
    units: 'mm',
    paper: 'a4',
    holdings: [
      {
        name: '1  In the chuck',
        rows: Array.from({ length: rows }, (_, i) => ({
          what: [`Operation ${i + 1}`],
          done: new Set([1]),
          measured: [
            {
              what: 'Collar, diameter',
              low: 39.9,
              high: 40,
              seen: new Map([
                [1, 39.95],
                [2, 40.2],
              ]),
            },
          ],
        })),
      },
    ],
  });
  it('has every piece with every operation: done, or a box to tick, and what was measured', () => {
    const sheets = batchSheet(given(12));
    const words = texts(sheets);
    for (let piece = 1; piece <= 12; piece++) expect(words).toContain(String(piece));
    expect(words.filter((text) => text === 'done')).toHaveLength(2);
    // A box is four lines: eleven pieces have yet to be worked at two operations.
    const boxes = sheets.flatMap(({ marks }) => marks).filter((m) => m.kind === 'line' && m.x1 === m.x2);
    expect(boxes).toHaveLength(2 * 2 * 11);
    const out = sheets.flatMap(({ marks }) => marks).find((m) => m.kind === 'text' && m.text === '40.200');
    expect(out).toMatchObject({ bold: true });
  });
  it('goes on over as many pages as it takes', () => {
    const sheets = batchSheet(given(30, 25));
    expect(sheets.length).toBeGreaterThan(3);
    expect(inside(sheets)).toBe(true);
  });
});
