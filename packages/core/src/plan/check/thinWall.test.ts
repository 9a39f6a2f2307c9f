import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { NO_KIT } from '../../kit/kit';
import { LONG } from '../../testkit.testdata';
import { describePlan } from '../describe';
import type { Holding, HoldingBy, PlanPart } from '../piece/line';
import { checkPlan } from './checkPlan';

const sleeve = (hole: number, out = 50): PlanPart => ({
  features: [
    { id: 'out', name: 'Out', kind: 'cylinder', side: 'external', diameter: out, length: 40 },
    {
      id: 'hole',
      name: 'Hole',
      kind: 'bore',
      side: 'internal',
      diameter: hole,
      length: 30,
      from: 'tailstock',
    },
    { id: 'back', name: 'Back', kind: 'bore', side: 'internal', diameter: 10, length: 10, from: 'headstock' },
  ],
  stock: { shape: 'round', across: 52, length: 90 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
});
/** Bored and turned from the bar, then held on the outside of the hole and bored from the other side. */
const line = (by: HoldingBy, grips = { from: 12, to: 38 }, kind: 'bore' | 'face' = 'bore'): Holding[] => [
  {
    id: 'h1',
    by: 'three-jaw',
    grips: { from: -36, to: -6 },
    toward: 'tailstock',
    centre: false,
    operations: [
      { id: 'face', kind: 'face', features: [], end: 'tailstock' },
      { id: 'drill', kind: 'drill', features: ['hole'] },
      { id: 'bore', kind: 'bore', features: ['hole'] },
      { id: 'turn', kind: 'turn', features: ['out'] },
      { id: 'part-off', kind: 'part-off', features: [] },
    ],
  },
  {
    id: 'h2',
    by,
    grips,
    toward: 'headstock',
    centre: false,
    operations: [
      { id: 'face-2', kind: 'face', features: [], end: 'headstock' },
      ...(kind === 'bore'
        ? [
            { id: 'drill-2', kind: 'drill' as const, features: ['back'] },
            { id: 'bore-2', kind: 'bore' as const, features: ['back'] },
          ]
        : []),
    ],
  },
];
const said = (part: PlanPart, holdings: Holding[]): string[] =>
  checkPlan(part, holdings)
    .filter((f) => f.code === 'thin-wall')
    .map((f) => `${f.level} in ${f.holding}: ${f.sentence.replaceAll('\u00a0', ' ')}`);
const nipped = (part: PlanPart, holdings: Holding[]): boolean[] =>
  describePlan(part, holdings).holdings[1]!.operations.map((o) =>
    o.before.some((one) => /a light nip/.test(plainText(one))),
  );

describe('a thin wall under the jaws', () => {
  it('is sprung by them: what is cut round then is a risk, with its figure', () => {
    expect(said(sleeve(46), line('three-jaw'))).toEqual([
      'risk in h2: The wall under the jaws is 2.0 mm: they spring it, and what is cut round is not when they let go. A collet, soft jaws bored to it, or a light nip.',
    ]);
    expect(said(sleeve(46), line('four-jaw'))).toHaveLength(1);
  });
  it('is one of less than a tenth of what is across it', () => {
    expect(said(sleeve(40), line('three-jaw'))).toEqual([]);
    expect(said(sleeve(40.1), line('three-jaw'))).toHaveLength(1);
  });
  it('is none in a collet, which closes all round, nor where the jaws close beside the hole', () => {
    expect(said(sleeve(46), line('collet'))).toEqual([]);
    expect(said(sleeve(46), line('three-jaw', { from: 2, to: 10 }))).toEqual([]);
  });
  it('spoils no face, and is nipped lightly for it', () => {
    expect(said(sleeve(46), line('three-jaw', undefined, 'face'))).toEqual([]);
    expect(nipped(sleeve(46), line('three-jaw', undefined, 'face'))).toEqual([true]);
    expect(nipped(sleeve(46), line('three-jaw'))).toEqual([true, false, false]);
    expect(nipped(sleeve(30), line('three-jaw'))).toEqual([false, false, false]);
  });
});
