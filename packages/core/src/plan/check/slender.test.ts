import { describe, expect, it } from 'vitest';
import { plainText } from '../../figure/phrase';
import { NO_KIT } from '../../kit/kit';
import type { Feature } from '../../part/kinds/registry';
import { LONG } from '../../testkit.testdata';
import { describePlan } from '../describe';
import { round } from '../parts.testdata';
import type { Holding, PlanPart } from '../piece/line';
import { planPart } from '../propose/planPart';
import { checkPlan } from './checkPlan';

const named = (id: 'pin' | 'head', diameter: number, length: number): Feature =>
  round(id, diameter, length, id === 'pin' ? 'Pin' : 'Head');
const part = (...features: Feature[]): PlanPart => ({
  features,
  stock: { shape: 'round', across: 30, length: 200 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
});
const pinned = (diameter: number, length: number): PlanPart =>
  part(named('head', 28, 30), named('pin', diameter, length));
/** All of it turned out of the jaws, with nothing to carry it. */
const unsupported: readonly Holding[] = [
  {
    id: 'h1',
    by: 'three-jaw',
    grips: { from: -36, to: -6 },
    toward: 'tailstock',
    centre: false,
    operations: [
      { id: 'face', kind: 'face', features: [], end: 'tailstock' },
      { id: 'turn-head', kind: 'turn', features: ['head'] },
      { id: 'turn-pin', kind: 'turn', features: ['pin'] },
    ],
  },
];
const saidOf = (one: PlanPart, line = unsupported): string[] =>
  checkPlan(one, line)
    .filter((f) => f.code === 'slender')
    .map((f) => `${f.level} at ${f.operation}: ${f.sentence.replaceAll('\u00a0', ' ')}`);

describe('what hangs by a few of its diameters', () => {
  it('is a risk without a centre, said with its figures', () => {
    expect(saidOf(pinned(6, 80))).toEqual([
      'risk at turn-pin: Pin: 80 mm hangs by 6.0 mm, 13.3 of its diameters, with no centre: it springs away from the tool.',
    ]);
  });
  it('is so of a place thicker than the thin end of the cone that sits in the spindle', () => {
    const cone = (id: string, largeDiameter: number, length: number): Feature => ({
      ...{ id, name: id, kind: 'taper', side: 'external', largeEnd: 'tailstock' },
      ...{ largeDiameter, length, halfAngle: (2.5 / 180) * Math.PI },
    });
    const whole = part(cone('seat', 26, 88), round('collar', 29, 5.5), cone('nose', 26.5, 88.5));
    const inSpindle: Holding = {
      ...{ id: 'h1', by: 'own-taper', grips: { from: 0, to: 88 }, toward: 'tailstock', centre: false },
      operations: [{ id: 'taper-nose', kind: 'taper', features: ['nose'] }],
    };
    // 18.3 mm deep in the spindle, 26 where it comes out; 18.8 behind the nose.
    expect(saidOf(whole, [inSpindle])).toEqual([
      'risk at taper-nose: nose: 89 mm hangs by 18.8 mm, 4.7 of its diameters, with no centre: it springs away from the tool.',
    ]);
  });
  it('is four of them at the most', () => {
    expect(saidOf(pinned(15, 60))).toEqual([]);
    expect(saidOf(pinned(15, 60.1))).toHaveLength(1);
  });
  it('is a neck too, for what is worked beyond it after', () => {
    const necked = part(named('pin', 8, 6), named('head', 28, 60));
    const order = (...operations: Holding['operations']): readonly Holding[] => [
      { ...unsupported[0]!, operations },
    ];
    const [face, head, pin] = unsupported[0]!.operations;
    expect(saidOf(necked, order(face!, head!, pin!))).toEqual([]);
    expect(saidOf(necked, order(face!, pin!, head!))).toEqual([
      'risk at turn-head: Head: 66 mm hangs by 8.0 mm, 8.3 of its diameters, with no centre: it springs away from the tool.',
    ]);
    const proposed = planPart(necked).holdings.flatMap((h) => h.operations.map((o) => o.id));
    expect(proposed.indexOf('turn-head')).toBeLessThan(proposed.indexOf('turn-pin'));
  });
  it('is the holding’s own to say where nothing is thinner than what is held', () => {
    const rod = part(named('pin', 29.9, 130));
    const line = [
      { ...unsupported[0]!, operations: unsupported[0]!.operations.filter((o) => o.id !== 'turn-head') },
    ];
    const found = checkPlan(rod, line).map((f) => f.code);
    expect(found).toContain('stands-out');
    expect(found.filter((code) => code === 'slender')).toHaveLength(1);
    expect(saidOf(part(named('pin', 30, 130)), line)).toEqual([]);
  });
});

describe('a line of work for a thin pin on a head', () => {
  const { holdings, findings } = planPart(pinned(6, 80));
  const { holdings: said, batch } = describePlan(pinned(6, 80), holdings);
  it('faces and centres it, then brings a centre up in the same jaws and turns it', () => {
    expect(findings).toEqual([]);
    expect(holdings.map((h) => [h.centre, h.operations.map((o) => o.id).join()])).toEqual([
      [false, 'face-tailstock,centre-tailstock'],
      [true, 'turn-head,turn-pin,part-off'],
      [false, 'face-headstock,finish,inspect'],
    ]);
    expect(holdings[1]?.grips).toEqual(holdings[0]?.grips);
  });
  it('says that the jaws are not opened, and spends no minutes on them', () => {
    expect(plainText(said[1]!.held).replaceAll('\u00a0', ' ')).toBe(
      'Still in the three-jaw on 30.00 mm, 30 mm held, its free end on a centre',
    );
    expect(said[1]!.caution).toMatch(/^The jaws are not opened/);
    expect(said[0]!.caution).toMatch(/^Chuck key out/);
    const back = describePlan(pinned(6, 80), [holdings[0]!, { ...holdings[1]!, centre: false }]).holdings[1]!;
    expect(back.caution).toMatch(/^Chuck key out/);
    const work = (i: number): number => said[i]!.operations.reduce((sum, o) => sum + o.minutes + o.setUp, 0);
    expect(said[1]!.minutes - work(1)).toBe(1);
    expect(said[0]!.minutes - work(0)).toBe(4);
    expect(batch.byHolding.setUps).toBe(2);
    const first = said[1]!.operations[0]!.before.map((one) => plainText(one)).join(' ');
    expect(first).toMatch(/Centre hole clean and greased/);
    expect(first).not.toMatch(/Jaws and work wiped/);
  });
  it('clocks nothing behind the jaws', () => {
    expect(holdings[2]?.trueTo?.feature).toBe('head');
    const behind = holdings.map((h, i) => (i === 2 ? { ...h, trueTo: { feature: 'pin', limit: 0.05 } } : h));
    expect(checkPlan(pinned(6, 80), behind).map((f) => [f.level, f.code, f.sentence])).toEqual([
      ['risk', 'not-clocked', 'Pin is to be clocked, and no needle reaches it as it is held.'],
    ]);
  });
  it('does without a centre where the pin is stout', () => {
    const stout = planPart(pinned(15, 60));
    expect(stout.holdings.map((h) => h.centre)).toEqual([false, false]);
    expect(stout.findings).toEqual([]);
  });
});

describe('what hangs by something thinner than where it is held', () => {
  it('is found though something else, no thinner than that, stands out by more of its own diameters', () => {
    const cone: Feature = {
      ...{ id: 'cone', name: 'Cone', kind: 'taper', side: 'external', largeEnd: 'tailstock' },
      ...{ largeDiameter: 22, length: 16.5, halfAngle: (8 / 180) * Math.PI },
    };
    const whole: PlanPart = {
      // Held by 17.36 mm at the least: 17.5 counts for nothing by that, and 68.5 mm hang by 17.
      ...part(
        cone,
        round('rim', 17.5, 4, 'Rim'),
        round('stem', 17, 53, 'Stem'),
        round('end', 16, 15.5, 'End'),
      ),
      stock: { shape: 'round', across: 22, length: 92 },
    };
    const held: Holding = {
      ...{ id: 'h1', by: 'own-taper', grips: { from: 0, to: 16.5 }, toward: 'tailstock', centre: false },
      operations: ['stem', 'end'].map((id) => ({ id: `turn-${id}`, kind: 'turn', features: [id] })),
    };
    const found = checkPlan(whole, [held]).filter(({ code }) => code === 'slender');
    expect(found.map(({ operation, sentence }) => [operation, sentence.replaceAll('\u00a0', ' ')])).toEqual([
      [
        'turn-end',
        'End: 69 mm hangs by 17.0 mm, 4.0 of its diameters, with no centre: it springs away from the tool.',
      ],
    ]);
  });
});

describe('a neck that twists off', () => {
  const pointed = (small: number, more: Feature[] = []): PlanPart =>
    part(
      {
        id: 'point',
        name: 'Point',
        kind: 'taper',
        side: 'external',
        largeDiameter: 20,
        smallDiameter: small,
        length: 17,
        largeEnd: 'tailstock',
      },
      named('head', 24, 30),
      ...more,
    );
  const cutAtTheJaws: readonly Holding[] = [
    {
      ...unsupported[0]!,
      operations: [
        { id: 'face', kind: 'face', features: [], end: 'tailstock' },
        { id: 'turn-head', kind: 'turn', features: ['head'] },
        { id: 'taper-point', kind: 'taper', features: ['point'] },
      ],
    },
  ];
  const twisted = (one: PlanPart, line = cutAtTheJaws): string[] =>
    checkPlan(one, line)
      .filter((f) => f.code === 'twists-off')
      .map((f) => f.sentence.replaceAll('\u00a0', ' '));

  it('is said with what hangs on it, and a centre at the far end does not help', () => {
    const said =
      'Point narrows to 4.0 mm between the jaws and 24.0 mm that hangs on it: it twists off there. It is cut from the other end, or with the parting.';
    expect(twisted(pointed(4))).toEqual([said]);
    expect(twisted(pointed(4), [{ ...cutAtTheJaws[0]!, centre: true }])).toEqual([said]);
    expect(twisted(pointed(4.9))).toEqual([]);
  });
  it('is none at the free end, where nothing hangs on it', () => {
    const other = { ...cutAtTheJaws[0]!, toward: 'headstock' as const, grips: { from: 55, to: 80 } };
    expect(twisted(pointed(0.2), [{ ...other, operations: other.operations.slice(1) }])).toEqual([]);
  });
  it('is not proposed: a point is cut at the free end, of two points each', () => {
    const centre = pointed(0.2);
    expect(planPart(centre).findings.map((f) => f.code)).not.toContain('twists-off');
    const both = pointed(0.2, [
      {
        id: 'other',
        name: 'Other point',
        kind: 'taper',
        side: 'external',
        largeDiameter: 20,
        smallDiameter: 0.2,
        length: 17,
        largeEnd: 'headstock',
      },
    ]);
    const proposed = planPart(both);
    expect(proposed.findings.map((f) => f.code)).not.toContain('twists-off');
    const towards = (id: string) =>
      proposed.holdings.find((h) => h.operations.some((o) => o.kind === 'taper' && o.features.includes(id)))
        ?.toward;
    expect([towards('point'), towards('other')]).toEqual(['headstock', 'tailstock']);
    // Parted off where the second point was cut, without another holding for it.
    expect(proposed.holdings.filter((h) => h.operations.every((o) => o.kind === 'part-off'))).toEqual([]);
  });
});
