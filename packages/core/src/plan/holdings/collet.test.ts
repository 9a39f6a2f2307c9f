import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { LONG } from '../../testkit.testdata';
import { checkPlan } from '../check/checkPlan';
import { inBar } from '../parts.testdata';
import type { Holding, PlanPart } from '../piece/line';
import { describePlan } from '../describe';
import { planPart } from '../propose/planPart';
import { hasChuck } from './chucks';

const COLLETS = { name: 'Collets', kind: 'collet', capacity: 40 };
const PART: PlanPart = {
  ...inBar(
    {
      id: 'body',
      name: 'Body',
      kind: 'cylinder',
      side: 'external',
      diameter: 30,
      length: 50,
    },
    {
      id: 'neck',
      name: 'Neck',
      kind: 'cylinder',
      side: 'external',
      diameter: 20,
      length: 40,
    },
  ),
  lathe: { ...LONG, chucks: [COLLETS, { name: 'Three-jaw', kind: 'three-jaw' }] },
  stock: { shape: 'round', across: 32, length: 94 },
};
const jaws: Holding = {
  id: 'a',
  by: 'three-jaw',
  grips: { from: 62, to: 92 },
  toward: 'headstock',
  centre: false,
  operations: [
    { id: 'face', kind: 'face', features: [], end: 'headstock' },
    { id: 'body', kind: 'turn', features: ['body'] },
  ],
};
const inCollet = (from: number, to: number): Holding => ({
  id: 'b',
  by: 'collet',
  grips: { from, to },
  toward: 'tailstock',
  centre: false,
  operations: [
    { id: 'other', kind: 'face', features: [], end: 'tailstock' },
    { id: 'neck', kind: 'turn', features: ['neck'] },
  ],
});
const wrong = (holding: Holding, part = PART, first: Holding[] = [jaws]): string[] =>
  checkPlan(part, [...first, holding])
    .filter((f) => f.holding === 'b' && f.operation === null)
    .map((f) => f.code);

describe('a collet', () => {
  it('is had where it is written down, and for what goes into it', () => {
    const { lathe } = PART;
    expect([30, 40, 40.1].map((d) => hasChuck(lathe, 'collet', d))).toEqual([true, true, false]);
    expect([hasChuck(lathe, 'three-jaw', 300), hasChuck(lathe, 'four-jaw', 10)]).toEqual([true, false]);
    for (const chucks of [undefined, []]) {
      expect(hasChuck({ ...LONG, chucks }, 'collet', 10)).toBe(false);
      expect(hasChuck({ ...LONG, chucks }, 'four-jaw', 10)).toBe(true);
    }
  });
  it('closes on one finished diameter', () => {
    expect(wrong(inCollet(5, 40))).toEqual([]);
    const [, held] = describePlan(PART, [jaws, inCollet(5, 40)]).holdings;
    expect(plainText(held!.held).replaceAll('\u00a0', ' ')).toBe('In a collet on 30.00 mm, 35 mm held');
    expect([held!.name, held!.clocked]).toEqual(['Collet', null]);
  });
  it('does not close on two diameters, nor on a bar that is not round', () => {
    expect(wrong(inCollet(40, 70))).toContain('not-round');
    const hex: PlanPart = { ...PART, stock: { ...PART.stock, shape: 'hex', across: 36 } };
    expect(wrong({ ...inCollet(5, 40), toward: 'tailstock' }, hex, [])).toContain('not-round');
    expect(wrong(inCollet(5, 40), hex)).not.toContain('not-round');
  });
  it('is what a piece is turned round in where it is had, and nowhere else', () => {
    const by = (part: PlanPart): string[] => planPart(part).holdings.map((one) => one.by);
    const chucks = [{ name: 'Four-jaw', kind: 'four-jaw' }];
    expect(by({ ...PART, lathe: { ...LONG, chucks: [COLLETS, ...chucks] } })).toContain('collet');
    expect(
      by({ ...PART, lathe: { ...LONG, chucks: [{ ...COLLETS, capacity: 12 }, ...chucks] } }),
    ).not.toContain('collet');
  });
});
