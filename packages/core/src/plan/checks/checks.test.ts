import { describe, expect, it } from 'vitest';
import { COLLET_HOLDER, PLANNED } from '../../examples.testdata';
import { plainText } from '../../figure/phrase';
import type { Material } from '../../kit/material';
import { USUAL_MATERIALS } from '../../kit/materials/usual';
import { NO_KIT } from '../../kit/kit';
import type { Feature } from '../../part/kinds/registry';
import { LONG } from '../../testkit.testdata';
import { describePlan, type OperationSaid, type PlanSaid } from '../describe';
import type { Holding, PlanPart } from '../piece/line';
import { comesOut } from '../operations/comesOut';
import { layOut } from '../piece/laid';
import { round } from '../parts.testdata';
import { planPart } from '../propose/planPart';

const said = (part: PlanPart, holdings: readonly Holding[] = planPart(part).holdings): PlanSaid =>
  describePlan(part, holdings);
const operations = (plan: PlanSaid): readonly OperationSaid[] => plan.holdings.flatMap((h) => h.operations);
const look = (part: PlanPart, id: string): string =>
  (operations(said(part)).find((o) => o.operation.id === id)?.before ?? [])
    .map((p) => plainText(p))
    .join('\n');

/** A short cone on its body: the compound cuts it, or the bar. */
const cone = (way: string, more: Partial<PlanPart> = {}): PlanPart => ({
  features: [
    { id: 'b', name: 'Body', kind: 'cylinder', side: 'external', diameter: 30, length: 30 },
    {
      id: 'c',
      name: 'Cone',
      kind: 'taper',
      side: 'external',
      largeEnd: 'headstock',
      largeDiameter: 28,
      halfAngle: 0.03,
      length: 30,
    } satisfies Feature,
  ],
  stock: { shape: 'round', across: 32, length: 110 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
  ways: { c: way },
  ...more,
});

describe('what a good hand looks at first', () => {
  it('goes by the way: the compound wants its carriage locked and a light hand', () => {
    expect(look(cone('compound'), 'taper-c')).toMatch(/Carriage locked while the compound feeds/);
    expect(look(cone('compound'), 'taper-c')).toMatch(/A light hand on the compound’s handle/);
    expect(look(cone('compound'), 'taper-c')).toMatch(/square it to the work and touch off again/);
    expect(look(cone('attachment'), 'taper-c')).not.toMatch(/Carriage locked/);
  });
  it('goes by the lathe: a telescopic bar keeps the cross-slide’s handle alone, and lash says how far to run in', () => {
    const bar = LONG.attachment!;
    const on = (kind: 'plain' | 'telescopic'): string =>
      look(cone('attachment', { lathe: { ...LONG, attachment: { ...bar, kind, lash: 0.2 } } }), 'taper-c');
    expect(on('telescopic')).toMatch(/the cross-slide’s handle is not touched/);
    expect(on('plain')).not.toMatch(/the cross-slide’s handle is not touched/);
    // 0.2 across at 0.03 rad: the carriage runs 0.2 / tan 0.03 before the tool follows.
    expect(on('plain').replaceAll('\u00a0', ' ')).toContain(
      `run in from ${(0.2 / Math.tan(0.03)).toFixed(1)} mm before the work`,
    );
  });
  it('goes by the holding: its own at the first operation in it, a bar that goes on behind the jaws said', () => {
    const plan = said(PLANNED);
    const [first, second] = plan.holdings[0]!.operations;
    const text = (o: OperationSaid): string => o.before.map((p) => plainText(p)).join();
    expect(text(first!)).toMatch(/pushed home/);
    expect(text(second!)).not.toMatch(/pushed home/);
    const long = cone('compound', { stock: { shape: 'round', across: 32, length: 900 } });
    expect(look(long, 'face-tailstock')).toMatch(/behind the jaws: carried inside the spindle/);
    expect(look(cone('compound'), 'face-tailstock')).not.toMatch(/behind the jaws/);
  });
  it('goes by the limits: what is closer than a size is turned to is left for lapping', () => {
    const of = (more: Partial<Feature>): string =>
      look(
        { ...cone('compound'), features: [{ ...round('plug', 16, 30), ...more } as Feature] },
        'turn-plug',
      );
    const said = /Its limits are (\S+).mm apart, .* leave about 0\.020.mm, and lap or grind it\./;
    expect(said.exec(of({ plus: 0.002, minus: 0 }))?.[1]).toBe('0.002');
    expect(said.exec(of({ fit: 'h5' }))?.[1]).toBe('0.008');
    for (const limits of [{}, { fit: 'h6' }, { fit: 'js6' }, { plus: 0.011 }] as const)
      expect(of(limits)).not.toMatch(/lap or grind/);
    expect(of({ plus: 0.0109 })).toMatch(/lap or grind/);
  });
  it('goes by the material and the tool: what goes on the cut', () => {
    const of = (name: string, tool: 'hss' | 'carbide' = 'hss'): string =>
      look(cone('compound', { material: USUAL_MATERIALS.find((m) => m.name === name), tool }), 'turn-b');
    expect(of('Brass')).toMatch(/Cut dry\.$/);
    expect(of('Stainless steel')).toMatch(/never let rub/);
    expect(of('Stainless steel', 'carbide')).toMatch(/never drops on a hot carbide edge/);
    const own = { ...USUAL_MATERIALS[0], lubricant: 'Lard oil' } as Material;
    expect(look(cone('compound', { material: own }), 'turn-b')).toMatch(/Lard oil\.$/);
    // A row of the shop's own that says nothing goes by what it is called.
    const unsaid = { ...USUAL_MATERIALS[0], name: 'Our brass', alsoCalled: '', lubricant: '' } as Material;
    expect(look(cone('compound', { material: unsaid }), 'turn-b')).toMatch(/Cut dry\.$/);
  });
  it('a mate on one swing of the compound is cut from the far side, with the chuck warned of', () => {
    expect(look(cone('compound', { matched: ['c'] }), 'taper-c')).toMatch(
      /the tool at the rear, or upside down/,
    );
    expect(look(cone('attachment', { matched: ['c'] }), 'taper-c')).not.toMatch(/rear/);
  });
  it('has something to look at before every operation there is', () => {
    for (const part of [PLANNED, COLLET_HOLDER])
      for (const { before, operation } of operations(said(part)))
        expect(before.length, operation.id).toBeGreaterThan(0);
  });
  it('says nothing twice, and nothing of the lathe to what is made away from it', () => {
    for (const part of [PLANNED, COLLET_HOLDER])
      for (const { before } of operations(said(part))) {
        const lines = before.map((p) => plainText(p));
        expect(new Set(lines).size).toBe(lines.length);
      }
    const milled = cone('compound', {
      features: [
        ...cone('compound').features,
        { id: 'f', name: 'Flats', kind: 'flats', side: 'external', at: 'headstock', on: 'b', across: 26 },
      ],
    });
    expect(look(milled, 'mill-f')).not.toMatch(/jaws|stands out/i);
  });
});

describe('long work', () => {
  const shaft = (length: number, diameter: number): PlanPart => ({
    ...cone('compound'),
    features: [
      { id: 'a', name: 'Head', kind: 'cylinder', side: 'external', diameter: 30, length: 20 },
      { id: 's', name: 'Shaft', kind: 'cylinder', side: 'external', diameter, length },
    ],
    stock: { shape: 'round', across: 32, length: length + 80 },
    ways: {},
  });
  const STEADY = /is (\d+) of its diameters long between what carries it: a steady/;
  const times = (length: number, diameter: number) =>
    STEADY.exec(look(shaft(length, diameter), 'turn-s'))?.[1];
  it('that is carried at both ends wants a steady over twelve of its diameters', () => {
    // From the jaws, six beside the part, to the centre.
    expect(times(200, 10)).toBe('23');
    expect(times(94, 10)).toBeUndefined();
    expect(times(94.5, 10)).toBe('12');
  });
  it('is asked nothing of that where it stands in jaws alone', () => {
    expect(planPart(shaft(36, 10)).holdings.map((h) => h.centre)).toEqual([false, false]);
    expect(times(36, 10)).toBeUndefined();
  });
  it('springs by what is thinnest behind it, not by what is held', () => {
    const springs = (diameter: number) =>
      /stands out ([\d.]+) of its diameters/.exec(look(shaft(36, diameter), 'turn-s'))?.[1];
    expect(springs(10)).toBe('3.6');
    expect(springs(14)).toBe('2.6');
    // Thick enough, what stands out as a whole is no more than it was.
    expect(springs(30)).toBeUndefined();
  });
  it('has its centre looked at once, as it is brought up', () => {
    const up = operations(said(shaft(200, 10))).filter((o) =>
      o.before.some((one) => /Centre hole clean and greased/.test(plainText(one))),
    );
    expect(up.map((o) => o.operation.id)).toEqual(['turn-a']);
  });
});

describe('jaws on what is finished', () => {
  const SOFT = /^Soft jaws, or copper under hard ones: they close on Body, which is finished\.$/m;
  const second = (lathe: PlanPart['lathe']): string => {
    const nose: Feature = {
      id: 'n',
      name: 'Nose',
      kind: 'cylinder',
      side: 'external',
      diameter: 20,
      length: 30,
    };
    const plan = said(cone('compound', { lathe, ways: {}, features: [cone('compound').features[0]!, nose] }));
    return plan.holdings[1]!.operations.map((o) => o.before.map((one) => plainText(one)).join('\n')).join(
      '\n\n',
    );
  };
  it('are soft, or have copper under them, from the first operation on', () => {
    expect(second(LONG)).toMatch(SOFT);
    expect(second(LONG).match(/Soft jaws/g)).toHaveLength(1);
    expect(
      operations(said(cone('compound')))[0]!
        .before.map((one) => plainText(one))
        .join(),
    ).not.toMatch(/Soft jaws/);
  });
  it('but for a collet, which marks nothing', () => {
    const chucks = [{ name: 'Collets', kind: 'collet', capacity: 40 }];
    expect(second({ ...LONG, chucks })).not.toMatch(/Soft jaws/);
  });
});

describe('work that a carrier drives', () => {
  const pin = (length: number): Feature => ({
    id: 'p',
    name: 'Pin',
    kind: 'taper',
    side: 'external',
    largeEnd: 'headstock',
    largeDiameter: 12,
    halfAngle: 0.01,
    length,
  });
  const between: Holding = {
    id: 'h2',
    by: 'between-centres',
    grips: null,
    toward: 'tailstock',
    centre: true,
    operations: [],
  };
  /** Between centres after both ends were faced, with some of it turned before. */
  const driven = (
    features: Feature[],
    earlier: string[],
    now: Holding['operations'],
    toward = between.toward,
  ) => {
    const part: PlanPart = {
      ...cone('tailstock'),
      features,
      ways: {},
      stock: { shape: 'round', across: 20, length: 130 },
    };
    const turned = earlier.map((id) => ({ id: `turn-${id}`, kind: 'turn' as const, features: [id] }));
    const first: Holding = {
      ...between,
      id: 'h1',
      by: 'three-jaw',
      grips: { from: 60, to: 80 },
      centre: false,
      operations: turned,
    };
    const found = said(part, [first, { ...between, toward, operations: now }]).holdings[1]!;
    return found.operations.map((o) =>
      o.before.map((one) => plainText(one).replaceAll('\u00a0', ' ')).join(' | '),
    );
  };
  const cut = { id: 'taper-p', kind: 'taper' as const, features: ['p'] };
  const turn = (id: string) => ({ id: `turn-${id}`, kind: 'turn' as const, features: [id] });

  it('is told what runs to where it drives it', () => {
    const [first] = driven([pin(100)], [], [cut]);
    expect(first).toContain(
      'Pin runs to the headstock end, where the carrier covers about 15 mm: driven by its centre, or the blank left so much longer there and cut off last.',
    );
    const [plain] = driven([round('a', 18, 100, 'Shaft')], [], [turn('a')]);
    expect(plain).toContain(
      'Shaft runs to the headstock end, where the carrier covers about 15 mm: turned end for end',
    );
  });
  it('and nothing of what lies clear of it', () => {
    const stub = [round('s', 18, 15, 'Stub'), pin(80)];
    expect(driven(stub, ['s'], [cut])[0]).not.toContain('runs to');
    expect(driven([round('s', 18, 14.9, 'Stub'), pin(80)], ['s'], [cut])[0]).toContain('Pin runs to');
    expect(driven([pin(80), round('s', 18, 15, 'Stub')], ['s'], [cut], 'headstock')[0]).not.toContain(
      'runs to',
    );
    expect(driven([pin(80), round('s', 18, 15, 'Stub')], ['s'], [cut])[0]).toContain(
      'Pin runs to the headstock end',
    );
  });
  it('has brass where its screw presses on what is finished, once', () => {
    const parts = [round('s', 18, 15, 'Stub'), round('a', 16, 40, 'Shaft'), pin(40)];
    const BRASS = 'Brass under the carrier’s screw: Stub is finished there.';
    const said2 = driven(parts, ['s'], [turn('a'), cut]);
    expect(said2[0]).toContain(BRASS);
    expect(said2[1]).not.toContain('Brass');
    expect(driven(parts, [], [turn('a'), cut])[0]).not.toContain('Brass');
  });
  it('in jaws is asked nothing of that', () => {
    expect(look(cone('compound'), 'taper-c')).not.toMatch(/carrier covers/);
  });
});

describe('a thread cut with a single point', () => {
  const groove = (diameter: number): Feature => ({
    id: 'g',
    name: 'Relief',
    kind: 'groove',
    side: 'external',
    diameter,
    length: 4,
  });
  const thread = (side: 'external' | 'internal', diameter: number): Feature => ({
    id: 't',
    name: 'Thread',
    kind: 'thread',
    side,
    designation: `M${diameter}x2`,
    diameter,
    pitch: 2,
    length: 20,
    ...(side === 'internal' ? { from: 'tailstock' as const } : {}),
  });
  const wayOut = (...features: Feature[]): string =>
    look(
      { ...cone('compound'), features, ways: {}, stock: { shape: 'round', across: 50, length: 120 } },
      'thread-t',
    ).replaceAll('\u00a0', ' ');
  const NONE = 'No groove where it ends: let out at a mark, about 4.0 mm of it is not full.';
  it('comes out into a groove below its root, or it is said', () => {
    // The root of M20 x 2 is 17.546 across.
    expect(wayOut(round('b', 30, 30), groove(17.5), thread('external', 20))).not.toContain('No groove');
    expect(wayOut(round('b', 30, 30), groove(17.6), thread('external', 20))).toContain(NONE);
    expect(wayOut(round('b', 30, 30), thread('external', 20))).toContain(NONE);
    const ends = (...features: Feature[]) =>
      (['tailstock', 'headstock'] as const).map((toward) => {
        const laid = layOut({
          ...cone('compound'),
          features,
          stock: { shape: 'round', across: 50, length: 120 },
        });
        return comesOut(laid, laid.byId.get('t')!, toward);
      });
    // Fed to the spindle it comes out into what is thinner there; at the bare end the bar stands, or nothing does.
    expect(ends(round('b', 17, 30), thread('external', 20))).toEqual([true, false]);
    expect(ends(thread('external', 20), groove(17), round('b', 30, 30))).toEqual([false, true]);
  });
  it('is cut the way round in which it runs out', () => {
    const part = (features: Feature[]): PlanPart => ({
      ...cone('compound'),
      features,
      ways: {},
      stock: { shape: 'round', across: 34, length: 140 },
    });
    const toward = (features: Feature[]) =>
      planPart(part(features)).holdings.find((h) => h.operations.some((o) => o.id === 'thread-t'))?.toward;
    const [near, far] = [round('b', 30, 30), round('c', 30, 30)];
    expect(toward([near, groove(17), thread('external', 20), far])).toBe('tailstock');
    expect(toward([near, thread('external', 20), groove(17), far])).toBe('headstock');
  });
  it('inside comes out into what is wider, and nowhere in a blind hole', () => {
    const body = round('b', 44, 60);
    const wide: Feature = {
      id: 'w',
      name: 'Wide',
      kind: 'bore',
      side: 'internal',
      diameter: 31,
      length: 10,
      from: 'tailstock',
    };
    expect(wayOut(body, thread('internal', 30))).toContain(NONE);
    expect(wayOut(body, thread('internal', 30), { ...wide, diameter: 20 })).toContain(NONE);
    expect(wayOut(body, thread('internal', 30), wide)).not.toContain('No groove');
  });
});

describe('what is laid out for a holding', () => {
  it('names each thing once, with its size, in the order it is wanted', () => {
    const tools = said(COLLET_HOLDER).holdings.map((h) =>
      h.tools.map((t) => plainText(t).replaceAll('\u00a0', ' ')),
    );
    for (const list of tools) expect(new Set(list).size).toBe(list.length);
    expect(tools.flat()).toContain('Turning tool');
    expect(tools.flat().some((t) => t.startsWith('Drill '))).toBe(true);
    expect(tools.flat().some((t) => /^Micrometer \d+ mm to \d+ mm$/.test(t))).toBe(true);
  });
});

describe('what a batch costs', () => {
  it('spends a setting once by holding, but not one that other cuts there need undone', () => {
    const batch = (way: string) => {
      const part = cone(way, { quantity: 10 });
      const { batch: costs, minutes } = said(part);
      const setUp = operations(said(part)).find((o) => o.operation.id === 'taper-c')!.setUp;
      return { saved: 10 * minutes - costs.byHolding.minutes, setUp };
    };
    const bar = batch('attachment');
    expect(bar.saved).toBeCloseTo(9 * bar.setUp, 9);
    // The compound is swung for the cone and squared again for the body of the next piece.
    expect(batch('compound').setUp).toBeGreaterThan(0);
    expect(batch('compound').saved).toBeCloseTo(0, 9);
  });
});

describe('a drill', () => {
  const bushing = (bore?: number): PlanPart => ({
    features: [
      round('outside', 48, 30),
      {
        id: 'hole',
        name: 'Hole',
        kind: 'bore',
        side: 'internal',
        from: 'tailstock',
        diameter: 24,
        length: 30,
      },
    ],
    stock: { shape: 'round', across: 50, length: 90, ...(bore ? { bore } : {}) },
    quantity: 1,
    lathe: LONG,
    kit: NO_KIT,
  });
  it('starts from a centre in solid metal, and is held back where it opens a hole', () => {
    expect(look(bushing(), 'drill-hole')).toContain('Started from a centre');
    expect(look(bushing(), 'drill-hole')).not.toContain('grabs');
    expect(look(bushing(18), 'drill-hole')).toContain('fed slowly, or it grabs');
    expect(look(bushing(18), 'drill-hole')).not.toContain('Started from a centre');
    expect(look(bushing(), 'turn-outside')).not.toMatch(/Started from|grabs/);
  });
});
