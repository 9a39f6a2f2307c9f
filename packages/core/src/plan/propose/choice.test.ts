import { describe, expect, it } from 'vitest';
import type { Feature } from '../../part/kinds/registry';
import type { Lathe } from '../../machine/lathe';
import { LONG } from '../../testkit.testdata';
import type { Shell } from '../holdings/shell';
import { layOut } from '../piece/laid';
import { inBar, round, SLIGHT_CONE } from '../parts.testdata';
import type { PlanPart } from '../piece/line';
import { rawPiece, type Piece } from '../piece/piece';
import { choices, type Choice } from './choice';
import { plainText } from '../../figure/phrase';
import { describePlan } from '../describe';
import { planPart } from './planPart';

const CONE: Feature = { ...SLIGHT_CONE, length: 60 };
const BODY: Feature = {
  id: 'body',
  name: 'Body',
  kind: 'cylinder',
  side: 'external',
  diameter: 36,
  length: 40,
};
const HOLE: Feature = {
  id: 'hole',
  name: 'Hole',
  kind: 'bore',
  side: 'internal',
  diameter: 10,
  length: 20,
  from: 'tailstock',
};
const piece = (features: Feature[], lathe: Lathe = LONG): Piece => {
  const part: PlanPart = { ...inBar(...features), lathe };
  return { ...rawPiece(layOut(part), { toward: 'tailstock' }), faced: new Set(['tailstock' as const]) };
};
/** In three jaws on the bar, or on the part's own length. */
const jaws = (from: number, to: number, on: Shell['on']): Shell => ({
  by: 'three-jaw',
  grips: { from, to },
  toward: 'tailstock',
  centre: false,
  on,
  risks: 0,
});
const works = (found: readonly Choice[]): string[][] =>
  found.map(({ work }) => work.map(({ id }) => id).sort());

describe('what might be done in a holding', () => {
  it('is all it reaches, or the end only, with and without parting off', () => {
    const found = choices(piece([BODY, CONE, HOLE]), jaws(-44, -6, 'bar'), true);
    expect(works(found)).toContainEqual(['body', 'cone', 'hole']);
    expect(found.some(({ parts }) => parts)).toBe(true);
    expect(found.filter(({ work }) => work.length === 3).every(({ parts }) => parts)).toBe(true);
  });

  it('leaves a taper that only a tailstock set over makes to centres, unless nothing else is found', () => {
    const setOverOnly: Lathe = { ...LONG, compound: { ...LONG.compound!, travel: 5 }, attachment: null };
    const bare = piece([BODY, CONE], setOverOnly);
    expect(works(choices(bare, jaws(-44, -6, 'bar'), true)).flat()).not.toContain('cone');
    expect(works(choices(bare, jaws(-44, -6, 'bar'), false)).flat()).toContain('cone');
    // With a compound that reaches it is made in the chuck as well as anything.
    expect(works(choices(piece([BODY, CONE]), jaws(-44, -6, 'bar'), true)).flat()).toContain('cone');
  });

  it('costs a little more where a hole is made through the jaws’ own grip', () => {
    const bored = piece([BODY, CONE, HOLE]);
    const costOf = (from: number, to: number): number =>
      choices(bored, jaws(from, to, 'raw'), true).find(({ work }) => work.some(({ id }) => id === 'hole'))!
        .cost;
    // The part is 100 long, and its hole comes from 80 on.
    const [clear, touching, over] = [costOf(20, 60), costOf(20, 80), costOf(20, 95)];
    expect(touching).toBe(clear);
    expect(over).toBe(clear + 2);
    expect(costOf(85, 95)).toBe(over);
    // What is bored through them counts, not what is turned beside it; and a hole on their other side does not.
    const deep = piece([BODY, CONE, { ...HOLE, length: 30 } as Feature]);
    const [past] = choices(deep, jaws(20, 60, 'raw'), true).map(({ cost }) => cost);
    expect(past).toBe(clear);
    const behind = piece([BODY, CONE, { ...HOLE, from: 'headstock', length: 10 } as Feature]);
    const turned = { ...behind, faced: new Set(['headstock' as const]) };
    const from = (a: number, b: number): number =>
      choices(turned, { ...jaws(a, b, 'raw'), toward: 'headstock' }, true).find(({ work }) =>
        work.some(({ id }) => id === 'hole'),
      )!.cost;
    expect(from(10, 40)).toBe(from(50, 80));
    expect(from(5, 40)).toBe(from(50, 80) + 2);
  });

  it('leaves what hangs by too little for a centre, or takes it at the price of a risk where nothing else is found', () => {
    const pin: Feature = { ...BODY, id: 'pin', name: 'Pin', diameter: 6, length: 40 } as Feature;
    const thin = piece([BODY, pin]);
    const of = (strict: boolean, centre = false) =>
      choices(thin, { ...jaws(-44, -6, 'bar'), centre }, strict).map(({ work, cost }) => ({
        work: work.map(({ id }) => id).join(),
        cost,
      }));
    const most = (found: { work: string; cost: number }[], work: string) =>
      found.find((one) => one.work === work)?.cost;
    expect(most(of(true), 'body,pin')).toBeUndefined();
    expect(most(of(true), 'body')).toBe(100 + 4 + 2);
    expect(most(of(false), 'body')).toBe(100 + 4 + 2);
    expect(most(of(false), 'body,pin')).toBe(100 + 4 + 110);
    const carried = { ...thin, centred: new Set(['tailstock' as const]) };
    expect(
      choices(carried, { ...jaws(-44, -6, 'bar'), centre: true }, true).map(({ work }) =>
        work.map(({ id }) => id).join(),
      ),
    ).toContain('body,pin');
    // What is stout is offered once, whether risks are taken or not.
    const stout = piece([BODY, CONE]);
    expect(choices(stout, jaws(-44, -6, 'bar'), false)).toEqual(choices(stout, jaws(-44, -6, 'bar'), true));
  });

  it('is nothing while the face of its end is neither cut nor can be', () => {
    const raw = { ...piece([BODY, CONE]), faced: new Set<'tailstock'>() };
    const centres: Shell = {
      by: 'between-centres',
      grips: null,
      toward: 'tailstock',
      centre: true,
      on: null,
      risks: 0,
    };
    expect(choices(raw, centres, true)).toEqual([]);
  });
});

describe('how true a piece is clocked', () => {
  /** A flanged bush, bored from its flange's side: its outside and its bore are cut in two holdings. */
  const bush = (body?: 'p6' | 'h11', bore?: 'H7' | 'H11'): number | undefined => {
    const outside = { ...round('body', 30, 30), fit: body } as Feature;
    const inside: Feature = { ...HOLE, diameter: 16, length: 36, from: 'headstock', fit: bore } as Feature;
    const { holdings } = planPart(inBar(round('flange', 40, 6), outside, inside));
    return holdings.find((h) => h.operations.some((o) => o.kind === 'bore'))?.trueTo?.limit;
  };
  it('is closer where a seat runs with another, and not where either is plain', () => {
    expect(bush('p6', 'H7')).toBe(0.01);
    expect(bush(undefined, 'H7')).toBe(0.05);
    expect(bush('h11', 'H7')).toBe(0.05);
    expect(bush('p6', 'H11')).toBe(0.05);
  });
});

describe('which way round a piece is worked', () => {
  const lines = (part: PlanPart): { by: string; toward: string; ops: string[]; codes: string[] }[] => {
    const { holdings, findings } = planPart(part);
    return holdings.map(({ id, by, toward, operations }) => ({
      by,
      toward,
      ops: operations.map((o) => o.id),
      codes: findings.filter((f) => f.holding === id).map((f) => f.code),
    }));
  };
  const thread = (id: string, diameter: number, length: number): Feature => ({
    id,
    name: id,
    kind: 'thread',
    side: 'external',
    designation: '',
    diameter,
    pitch: 1.5,
    length,
  });

  it('leaves what a high shoulder hides to the holding the other way round, and reaches behind a low one', () => {
    const shank: Feature = {
      ...SLIGHT_CONE,
      id: 'shank',
      largeEnd: 'tailstock',
      largeDiameter: 24,
      length: 70,
    };
    const nose = [round('pilot', 22, 20), thread('nut', 20, 15)];
    const arbor = lines({
      ...inBar(shank, round('flange', 40, 12), ...nose),
      stock: { shape: 'round', across: 42, length: 160 },
    });
    const towards = (op: string): string[] =>
      arbor.filter(({ ops }) => ops.includes(op)).map(({ toward }) => toward);
    for (const op of ['turn-pilot', 'turn-nut', 'thread-nut']) expect(towards(op), op).toEqual(['tailstock']);
    expect(towards('taper-shank')).toEqual(['headstock']);
    // The pilot is cut with the seat before it, and keeps its axis.
    const low = lines(inBar(round('seat', 30, 20), round('collar', 34, 5), round('other', 30, 30)));
    expect(low[0]?.ops).toEqual(expect.arrayContaining(['turn-seat', 'turn-collar', 'turn-other']));
  });

  it('turns in the chuck what would lie under the carrier', () => {
    const grip: Feature = {
      id: 'grip',
      name: 'grip',
      kind: 'profile',
      side: 'external',
      points: [
        { z: 0, diameter: 10 },
        { z: 30, diameter: 18 },
        { z: 62, diameter: 8 },
      ],
    };
    const handle = lines({
      ...inBar(thread('thread', 8, 12), round('neck', 10, 5), grip),
      stock: { shape: 'round', across: 20, length: 100 },
    });
    const centres = handle.find(({ by }) => by === 'between-centres');
    expect(centres?.ops).toContain('curve-grip');
    expect(centres?.ops).not.toContain('thread-thread');
    expect(handle.some(({ by, ops }) => by === 'three-jaw' && ops.includes('thread-thread'))).toBe(true);
  });

  it('faces a washer’s other side in jaws that hold what there is of it, and says how', () => {
    const washer: PlanPart = {
      ...inBar(round('washer', 40, 5)),
      stock: { shape: 'round', across: 45, length: 60 },
    };
    const [, second] = lines(washer);
    expect(second?.ops[0]).toBe('face-headstock');
    expect(second?.codes).toEqual(['short-grip']);
    expect(planPart(washer).findings[0]?.sentence).toMatch(/4\.0.mm of it.*Soft jaws bored to it/);
    // Of a long pin there is more to hold.
    expect(planPart(inBar(round('pin', 40, 60))).findings).toEqual([]);
  });

  it('sinks a mouth for a centre as wide as its hole is to be cut', () => {
    const socket: Feature = {
      id: 'socket',
      name: 'socket',
      kind: 'taper',
      side: 'internal',
      from: 'tailstock',
      largeEnd: 'tailstock',
      largeDiameter: 18,
      length: 60,
      halfAngle: SLIGHT_CONE.halfAngle,
    };
    const part: PlanPart = {
      ...inBar(
        { ...SLIGHT_CONE, length: 80, largeDiameter: 25, largeEnd: 'tailstock' },
        round('collar', 26, 6),
        socket,
      ),
      stock: { shape: 'round', across: 28, length: 90 },
      lathe: { ...LONG, attachment: null },
      ways: { cone: 'tailstock' },
    };
    const sunk = describePlan(part, planPart(part).holdings)
      .holdings.flatMap(({ operations }) => operations)
      .filter(({ operation }) => operation.id === 'centre-tailstock')
      .map((one) => plainText(one.lines[0] ?? []).replaceAll('\u00a0', ' '));
    expect(sunk).toEqual(['Sink the mouth 60° for the centre, 20.0 mm across']);
  });
});
