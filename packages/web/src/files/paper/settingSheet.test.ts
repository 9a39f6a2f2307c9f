import { batchSeries } from '@anello/core/job';
import { nudgeTable, settingSteps } from '@anello/core/setting';
import { describe, expect, it } from 'vitest';
import { SETTING } from '../../../../core/src/examples.testdata';
import type { Sheet } from '../sheet';
import { inspectionSheet, type InspectionGiven } from './inspectionSheet';
import { PAPERS, type Paper } from './pages';
import { settingSheet } from './settingSheet';

const STEPS = settingSteps('attachment', SETTING);
const setting = (paper: Paper = 'a4', units: 'mm' | 'inch' = 'mm') =>
  settingSheet({
    number: 'J-7',
    title: 'Shank: Taper attachment',
    facts: ['Long lathe'],
    address: 'http://lathe.shop/job/j-7/set/shank',
    cards: STEPS.map((step) => ({
      step,
      nudges: step.sweep ? nudgeTable('attachment', SETTING, step.sweep) : [],
    })),
    units,
    paper,
  });
const texts = (sheets: readonly Sheet[]): string[] =>
  sheets.flatMap((s) =>
    s.marks.flatMap((m) => (m.kind === 'text' ? [m.text.replaceAll('\u00a0', ' ')] : [])),
  );
const inside = (sheets: readonly Sheet[]): boolean =>
  sheets.every(({ width, height, marks }) =>
    marks.every((m) => {
      const xs = m.kind === 'line' ? [m.x1, m.x2] : [m.x];
      const ys = m.kind === 'line' ? [m.y1, m.y2] : [m.y];
      return xs.every((x) => x >= 0 && x <= width) && ys.every((y) => y >= 0 && y <= height);
    }),
  );

describe('a setting on paper', () => {
  it.each(Object.keys(PAPERS) as Paper[])('on %s has every card, and keeps inside its pages', (paper) => {
    const sheets = setting(paper);
    expect(inside(sheets)).toBe(true);
    const all = texts(sheets).join(' ');
    for (const { caution } of STEPS)
      if (caution) expect(all).toContain(caution.split(' ').slice(0, 4).join(' '));
    expect(all).toContain('Should read');
    expect(texts(sheets).filter((text) => /^Seen, \d$/.test(text)).length).toBeGreaterThanOrEqual(4);
  });
  it('has the stations, what is good enough, and what to nudge for readings off to either side', () => {
    const said = texts(setting());
    const sweep = STEPS.find((step) => step.proves)!.sweep!;
    const last = sweep.stations.at(-1)!;
    expect(said).toContain(`${last.expected.toFixed(3)} mm`);
    for (const { at } of sweep.stations) expect(said).toContain(`${at.toFixed(1)} mm`);
    expect(said).toContain(sweep.label);
    for (const name of ['Should read', 'Good from', 'to']) expect(said).toContain(name);
    for (const { low, high } of sweep.stations)
      for (const end of [low, high]) expect(said).toContain(`${end.toFixed(3).replace('-', '−')} mm`);
    const nudges = said.filter((text) => /toward you|away from you/.test(text));
    expect(nudges).toHaveLength(6);
    expect(texts(setting('a4', 'inch')).some((text) => / in$/.test(text))).toBe(true);
  });
});

describe('what was measured, on paper', () => {
  const record = (piece: number, seen: number) => ({
    id: `00000000-0000-4000-8000-00000000000${piece}`,
    jobId: 'j-7',
    piece,
    at: '2026-11-20T10:00:00.000Z',
    operator: 'RK',
    body: { kind: 'sized' as const, what: 'Collar', seen, low: 39.9, high: 40, typed: '' },
  });
  const given = (over: Partial<InspectionGiven> = {}): InspectionGiven => ({
    number: 'J-7',
    title: 'Inspection: Bush',
    facts: ['Long lathe'],
    address: 'http://lathe.shop/job/j-7/record',
    series: batchSeries([record(1, 39.95), record(2, 40.02)], 7),
    pieces: Array.from({ length: 7 }, (_, i) => ({
      piece: i + 1,
      verdict: i === 0 ? 'accepted' : i === 1 ? 'scrapped' : '',
      cause: i === 1 ? 'Over size by 0.02' : '',
      by: i < 2 ? 'RK' : '',
    })),
    piece: 2,
    kept: [{ at: '20 Nov', by: 'RK', what: ['Collar 40.02'] }],
    units: 'mm',
    paper: 'a4',
    ...over,
  });
  it('has each piece with its figure, what it may be, and which is out and why', () => {
    const sheets = inspectionSheet(given());
    expect(inside(sheets)).toBe(true);
    const said = texts(sheets);
    expect(said).toContain('Measured, mm');
    const inch = texts(inspectionSheet(given({ units: 'inch' })));
    expect(inch).toEqual(expect.arrayContaining(['Measured, inch', '1.57087 to 1.57480']));
    expect(said).toEqual(expect.arrayContaining(['39.900 to 40.000', '39.950', '40.020 OUT']));
    for (let piece = 1; piece <= 7; piece++) expect(said).toContain(`piece ${piece}`);
    expect(said).toContain('Piece 2: Over size by 0.02');
    const out = sheets.flatMap((s) => s.marks).find((m) => m.kind === 'text' && m.text.endsWith('OUT'));
    expect(out).toMatchObject({ bold: true });
    // Nothing that is as it may be stands out.
    for (const text of ['Collar', '39.900 to 40.000', '39.950', '-'])
      expect(sheets.flatMap((s) => s.marks).find((m) => m.kind === 'text' && m.text === text)).toMatchObject({
        bold: false,
      });
  });
  it('stands with nothing measured, and goes on to as many pages as it takes', () => {
    expect(texts(inspectionSheet(given({ series: [], kept: [] })))).toContain('Nothing yet.');
    const many = Array.from({ length: 120 }, () => ({
      at: '20 Nov',
      by: 'RK',
      what: ['Read 1.882 mm at 75 mm'],
    }));
    const sheets = inspectionSheet(given({ kept: many }));
    expect(sheets.length).toBeGreaterThan(1);
    expect(inside(sheets)).toBe(true);
  });
});
