import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allowanceFor } from '../../cutting/allowance';
import { plainText } from '../../figure/phrase';
import type { Feature } from '../../part/kinds/registry';
import { LONG } from '../../testkit.testdata';
import { NO_KIT } from '../../kit/kit';
import { describePlan } from '../describe';
import { operationInHand } from '../inHand';
import type { PlanPart } from '../piece/line';
import { planPart } from '../propose/planPart';
import { toGrind } from './groundAfter';

const FEATURES: readonly Feature[] = [
  { id: 'body', name: 'Body', kind: 'cylinder', side: 'external', diameter: 40, length: 30 },
  { id: 'seat', name: 'Seat', kind: 'cylinder', side: 'external', diameter: 25, length: 20, fit: 'h6' },
  {
    id: 'bore',
    name: 'Bore',
    kind: 'bore',
    side: 'internal',
    from: 'tailstock',
    diameter: 16,
    length: 50,
    fit: 'H7',
  },
];
const part = (more: Partial<PlanPart> = {}): PlanPart => ({
  features: FEATURES,
  stock: { shape: 'round', across: 42, length: 130 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
  harden: 58,
  ...more,
});
const card = (of: PlanPart, id: string) => operationInHand(of, planPart(of).holdings, id).cards[0]!;
const said = (of: PlanPart, id: string): string => plainText(card(of, id).line).replaceAll('\u00a0', ' ');
const before = (of: PlanPart, id: string): string[] =>
  describePlan(of, planPart(of).holdings)
    .holdings.flatMap(({ operations }) => operations)
    .find(({ operation }) => operation.id === id)!
    .before.map((phrase) => plainText(phrase).replaceAll('\u00a0', ' '));

describe('a seat of a piece that is hardened', () => {
  it('is turned over its limits, bored under them, and ground to them after', () => {
    expect(card(part(), 'turn-seat').card).toMatchObject({ least: 25.23, most: 25.33, toGrind: true });
    expect(card(part(), 'bore-bore').card).toMatchObject({ least: 15.7, most: 15.8, toGrind: true });
    expect(said(part(), 'turn-seat')).toMatch(
      /^Turn ⌀25\.28 mm \(25\.23 to 25\.33 mm\) over 20\.0 mm.*, then ground to 24\.987 to 25\.000 mm when it is hard$/,
    );
    expect(said(part(), 'bore-bore')).toMatch(
      /^Bore ⌀15\.75 mm \(15\.70 to 15\.80 mm\).*, then ground to 16\.000 to 16\.018 mm when it is hard$/,
    );
  });
  it('by as much as is left for the wheel wherever else it is asked, to the hundredth', () => {
    fc.assert(
      fc.property(fc.double({ min: 3, max: 300, noNaN: true }), (diameter) => {
        expect(Math.abs(toGrind(diameter) - allowanceFor('grind', diameter))).toBeLessThanOrEqual(
          0.005 + 1e-9,
        );
      }),
    );
  });
  it('what is to fit nothing is turned to size, and so is all of a piece that stays soft', () => {
    expect(card(part(), 'turn-body').card).toMatchObject({ least: 39.7, most: 40.3 });
    expect(card(part(), 'turn-body').card).not.toHaveProperty('toGrind');
    const soft = part({ harden: undefined });
    expect(card(soft, 'turn-seat').card).toMatchObject({ least: 24.987, most: 25 });
    expect(said(soft, 'turn-seat')).not.toContain('ground');
  });
  it('is measured to its limits when it is hard', () => {
    const { card: inspect } = card(part(), 'inspect');
    expect(inspect).toMatchObject({
      measures: expect.arrayContaining([{ what: 'Seat, diameter', least: 24.987, most: 25 }]),
    });
  });
  it('asks for no finish that the wheel gives it, and not to be left for lapping as well', () => {
    const smooth = FEATURES.map((f) => (f.id === 'seat' ? { ...f, finish: 0.4, fit: 'h5' as never } : f));
    const [hard, soft] = [part({ features: smooth }), part({ features: smooth, harden: undefined })];
    expect(card(hard, 'turn-seat').card).toMatchObject({ finish: null });
    expect(card(soft, 'turn-seat').card).toMatchObject({ finish: 0.0004 });
  });
  it('a hole that is reamed is honed after, and a taper left for the wheel by its gauge', () => {
    const reamed = part({ kit: { ...NO_KIT, reamers: [16], drills: [5, 15.5, 15.75] } });
    expect(before(reamed, 'ream-bore').join()).toContain('a reamed hole moves in the fire');
    const cone: Feature = {
      ...{ id: 'cone', name: 'Cone', kind: 'taper', side: 'external', largeEnd: 'headstock' },
      ...{ gaugeDiameter: 23.825, ratio: 1 / 19.922, length: 60 },
    } as Feature;
    const tapered = (harden: number | undefined): string =>
      before(part({ features: [FEATURES[0]!, cone], harden }), 'taper-cone').join();
    expect(tapered(58)).toContain(
      'leave about 0.27 mm on diameter to be ground, so that its gauge stands about 5.4 mm off',
    );
    expect(tapered(undefined)).not.toContain('hardened');
  });
});
