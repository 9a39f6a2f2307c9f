import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { NO_KIT } from '../kit/kit';
import { isDetail, type Feature } from '../part/kinds/registry';
import { layoutPart } from '../part/layout';
import { LONG } from '../testkit.testdata';
import { checkPlan } from './check/checkPlan';
import { stockAfter } from './check/stockAfter';
import { describePlan } from './describe';
import { operationInHand } from './inHand';
import { detailed, wholeLine } from './parts.testdata';
import type { Holding, PlanPart } from './piece/line';
import { planPart } from './propose/planPart';

const MADE_BY: Readonly<Record<string, string>> = {
  chamfer: 'chamfer',
  'corner-radius': 'chamfer',
  flats: 'mill',
  tang: 'mill',
  'cross-hole': 'cross-drill',
};

const SPINDLE: PlanPart = {
  features: [
    { id: 'a', name: 'Head', kind: 'cylinder', side: 'external', diameter: 36, length: 20 },
    { id: 'b', name: 'Stem', kind: 'cylinder', side: 'external', diameter: 20, length: 60 },
    { id: 'edge', name: 'Edge', kind: 'chamfer', side: 'external', at: 'tailstock', on: 'b', size: 1.5 },
    { id: 'rim', name: 'Rim', kind: 'chamfer', side: 'external', at: 'headstock', on: 'a', size: 1 },
    {
      id: 'root',
      name: 'Root',
      kind: 'corner-radius',
      side: 'external',
      at: 'headstock',
      on: 'b',
      radius: 2,
    },
    {
      id: 'hex',
      name: 'Hexagon',
      kind: 'flats',
      side: 'external',
      at: 'headstock',
      on: 'a',
      across: 30,
      count: 6,
    },
    {
      id: 'pin',
      name: 'Pin hole',
      kind: 'cross-hole',
      side: 'external',
      at: 'tailstock',
      diameter: 5,
      place: 8,
    },
    { id: 'stay', name: 'Centre', kind: 'centre', side: 'external', at: 'tailstock', diameter: 8 },
  ],
  stock: { shape: 'round', across: 40, length: 140 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
  harden: 56,
};
const ids = (holdings: readonly Holding[]): string[] =>
  holdings.flatMap((h) => h.operations.map((o) => o.id));
const line = (part: PlanPart, id: string): string =>
  plainText(operationInHand(part, planPart(part).holdings, id).cards[0]!.line).replaceAll('\u00a0', ' ');

describe('corners, flats, cross holes and centres in the line of work', () => {
  it('are each made once by their own kind, with nothing impossible about it', () =>
    fc.assert(
      fc.property(detailed(), (part) => {
        const { holdings, findings } = wholeLine(part);
        expect(findings.filter((f) => f.level === 'impossible').map((f) => f.sentence)).toEqual([]);
        const operations = holdings.flatMap((h) => h.operations);
        for (const { id, kind } of part.features.filter((f) => isDetail(f) && f.kind !== 'centre'))
          expect(operations.filter((o) => o.features.includes(id)).map((o) => o.kind)).toEqual([
            MADE_BY[kind],
          ]);
        for (const { at } of part.features.filter((f) => f.kind === 'centre'))
          expect(operations.some((o) => o.kind === 'centre' && o.end === at)).toBe(true);
        expect(operations.some((o) => o.kind === 'harden')).toBe(part.harden !== undefined);
      }),
      { numRuns: 150 },
    ));

  it('what stands when all is done is the part, its corners with it', () =>
    fc.assert(
      fc.property(detailed(), (part) => {
        const { holdings } = wholeLine(part);
        const last = holdings.at(-1)!.operations.at(-1)!.id;
        const key = ({ z, r }: { z: number; r: number }): string => `${z.toFixed(6)} ${r.toFixed(6)}`;
        const outside = layoutPart(part.features).sections.filter((s) => s.side === 'external');
        const stands = new Set(stockAfter(part, holdings, last).outer.map(key));
        for (const point of outside.flatMap((s) => s.drawn)) expect(stands.has(key(point))).toBe(true);
        const marks = stockAfter(part, holdings, last).marks.map((m) => m.id);
        const cut = part.features.filter((f) => isDetail(f) && MADE_BY[f.kind] !== 'chamfer');
        expect(marks.sort()).toEqual(cut.map((f) => f.id).sort());
      }),
      { numRuns: 100 },
    ));

  it('a corner is cut when what it stands between is, from the end it is at', () => {
    const { holdings } = planPart(SPINDLE);
    const order = ids(holdings);
    expect(order.indexOf('chamfer-edge')).toBeGreaterThan(order.indexOf('turn-b'));
    expect(order.indexOf('chamfer-root')).toBeGreaterThan(order.indexOf('turn-b'));
    const holding = (id: string): Holding => holdings.find((h) => h.operations.some((o) => o.id === id))!;
    expect(holding('chamfer-edge').toward).toBe('tailstock');
    expect(holding('chamfer-rim').toward).toBe('headstock');
  });
  it('what is made away from the lathe comes last, then the edges, and hardening before the measuring', () => {
    expect(ids(planPart(SPINDLE).holdings).slice(-5)).toEqual([
      'mill-hex',
      'cross-drill-pin',
      'finish',
      'harden',
      'inspect',
    ]);
  });
  it('says them with their figures', () => {
    expect(line(SPINDLE, 'mill-hex')).toBe(
      'Mill 6 flats 30.00 mm across, 20.0 mm long, right to the headstock face, 3.00 mm deep each',
    );
    expect(line(SPINDLE, 'cross-drill-pin')).toMatch(
      /^Drill across ⌀5.00 mm through, 8.00 mm from the tailstock face, /,
    );
    expect(line(SPINDLE, 'chamfer-edge')).toBe('Chamfer 1.50 mm × 45° of Stem at the face');
    expect(line(SPINDLE, 'chamfer-root')).toBe('Round the corner R2.00 mm of Stem, 58.00 mm from the face');
    expect(line(SPINDLE, 'harden')).toMatch(/^Harden and temper to 56.0 HRC/);
    expect(line(SPINDLE, 'centre-tailstock')).toMatch(/to stay: pilot 4.00 mm, mouth 8.00 mm across/);
  });
  it('a tapped cross hole is drilled for its thread', () => {
    const tapped = SPINDLE.features.map((f): Feature =>
      f.id === 'pin' ? ({ ...f, designation: 'M6' } as Feature) : f,
    );
    expect(line({ ...SPINDLE, features: tapped }, 'cross-drill-pin')).toMatch(
      /^Drill across ⌀5.\d+ mm through.*, and tap M6$/,
    );
  });
  it('the piece has its corners once they are cut', () => {
    const { holdings } = planPart(SPINDLE);
    const points = stockAfter(SPINDLE, holdings, 'inspect').outer.map(
      ({ z, r }) => `${z.toFixed(3)} ${r.toFixed(3)}`,
    );
    expect(points).toContain('0.000 17.000');
    expect(points).toContain('80.000 8.500');
    expect(points).toContain('20.000 12.000');
    const before = stockAfter(SPINDLE, holdings, 'turn-b').outer.map(({ r }) => r);
    expect(before).not.toContain(8.5);
  });
  it('what is worked too early, from the wrong end or left out is caught', () => {
    const { holdings } = planPart(SPINDLE);
    const codes = (changed: readonly Holding[]): string[] => checkPlan(SPINDLE, changed).map((f) => f.code);
    const moved = (id: string, to: (h: Holding, i: number) => boolean): Holding[] => {
      const taken = holdings.flatMap((h) => h.operations).find((o) => o.id === id)!;
      const without = holdings.map((h) => ({ ...h, operations: h.operations.filter((o) => o.id !== id) }));
      return without.map((h, i) => (to(h, i) ? { ...h, operations: [taken, ...h.operations] } : h));
    };
    expect(codes(moved('chamfer-edge', (h) => h.toward === 'tailstock'))).toContain('no-blank');
    expect(codes(moved('chamfer-rim', (h) => h.toward === 'tailstock'))).toContain('wrong-end');
    expect(codes(moved('mill-hex', (_h, i) => i === 0))).toContain('no-blank');
    expect(codes(moved('harden', (_h, i) => i === 0))).toContain('hard-already');
    expect(codes(moved('mill-hex', () => false))).toContain('unfinished');
  });
  it('takes minutes and a setting of its own', () => {
    const said = describePlan(SPINDLE, planPart(SPINDLE).holdings);
    const mill = said.holdings.flatMap((h) => h.operations).find((o) => o.operation.id === 'mill-hex');
    expect(mill).toMatchObject({ minutes: 16, setUp: 15 });
  });
});
