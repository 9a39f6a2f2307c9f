import { describe, expect, it } from 'vitest';
import { PLANNED } from '../examples.testdata';
import { plainText } from '../figure/phrase';
import type { Feature } from '../part/kinds/registry';
import { LONG } from '../testkit.testdata';
import { PROFILES } from '../thread/form';
import { describePlan } from './describe';
import { jawsWrong } from './holdings/jaws';
import { kindOfOperation } from './operations/registry';
import { threadCrest } from './operations/threadCrest';
import { layOut } from './piece/laid';
import type { Holding, PlanPart } from './piece/line';
import { finished, rawPiece } from './piece/piece';
import { inBar, SLIGHT_CONE } from './parts.testdata';
import { operationInHand } from './inHand';
import { SUNK_OVER } from './piece/usual';
import { planPart } from './propose/planPart';

const BODY: Feature = {
  id: 'body',
  name: 'Body',
  kind: 'cylinder',
  side: 'external',
  diameter: 36,
  length: 60,
};

describe('a batch', () => {
  const { holdings } = planPart(PLANNED);
  const batch = (quantity: number) => describePlan({ ...PLANNED, quantity }, holdings).batch;
  const { minutes } = describePlan(PLANNED, holdings);
  it('each from bar to part in turn is set up anew for every piece', () => {
    for (const n of [1, 2, 7])
      expect(batch(n).inTurn).toEqual({ setUps: n * holdings.length, minutes: n * minutes });
  });
  it('through one holding before the next is set up once, and saves the same for every piece more', () => {
    // The bar of an attachment stays set while its compound cannot reach; the compound is squared for other cuts each time.
    const long: PlanPart = {
      ...inBar(BODY, SLIGHT_CONE),
      lathe: { ...LONG, compound: { ...LONG.compound!, travel: 5 } },
    };
    const line = planPart(long).holdings;
    const once = describePlan(long, line).minutes;
    const byHolding = (quantity: number) => describePlan({ ...long, quantity }, line).batch.byHolding;
    expect(byHolding(1)).toEqual({ setUps: line.length, minutes: once });
    const took = [1, 2, 3, 9].map((n) => byHolding(n).minutes);
    expect(took[2]! - took[1]!).toBeCloseTo(took[1]! - took[0]!, 9);
    expect(took[3]! - took[0]!).toBeCloseTo(8 * (took[1]! - took[0]!), 9);
    expect(took[1]!).toBeLessThan(2 * once);
    expect(byHolding(9).setUps).toBe(line.length);
    expect(batch(2).byHolding.minutes).toBe(batch(2).inTurn.minutes);
  });
});

describe('the crest of a thread', () => {
  const crest = (designation: string, side: 'external' | 'internal', diameter: number, pitch: number) => {
    const thread: Feature = {
      id: 'thread',
      name: 'Thread',
      kind: 'thread',
      side,
      designation,
      diameter,
      pitch,
      length: 20,
      ...(side === 'internal' ? { from: 'tailstock' as const } : {}),
    };
    const laid = layOut(
      inBar(BODY, ...(side === 'internal' ? [thread] : []), ...(side === 'external' ? [thread] : [])),
    );
    return threadCrest(laid.all.find((s) => s.id === 'thread')!);
  };
  it('of a metric thread is by its usual class', () => {
    // ISO 965: M20 x 2.5, 6g: 19.958 less 0.335; 6H: 17.294 and 0.45 more.
    const outside = crest('M20', 'external', 20, 2.5);
    expect(outside.most).toBeCloseTo(19.958, 3);
    expect(outside.least).toBeCloseTo(19.623, 3);
    const inside = crest('M20', 'internal', 20, 2.5);
    expect(inside.least).toBeCloseTo(17.294, 3);
    expect(inside.most).toBeCloseTo(17.744, 3);
  });
  it('of one without a class here may be short by a tenth of its pitch, never past its figure', () => {
    const pitch = 25.4 / 12;
    const outside = crest('1/2 BSW', 'external', 12.7, pitch);
    expect(outside).toEqual({ least: 12.7 - pitch / 10, most: 12.7 });
    const bottom = 12.7 - 2 * PROFILES.whitworth.overlap * pitch;
    const inside = crest('1/2 BSW', 'internal', 12.7, pitch);
    expect(inside.least).toBeCloseTo(bottom, 9);
    expect(inside.most).toBeCloseTo(bottom + pitch / 10, 9);
  });
});

describe('jaws on flats', () => {
  const FLATS: Feature = {
    id: 'flats',
    name: 'Flats',
    kind: 'flats',
    side: 'external',
    on: 'body',
    at: 'tailstock',
    across: 30,
    count: 2,
    length: 20,
  } as Feature;
  const laid = layOut(inBar(BODY, FLATS));
  const raw = rawPiece(laid, { toward: 'headstock' });
  const grip = (from: number, to: number): Holding => ({
    id: 'h',
    by: 'three-jaw',
    grips: { from, to },
    toward: 'headstock',
    centre: false,
    operations: [],
  });
  const said = (done: string[], holding: Holding): string[] =>
    jawsWrong(finished(raw, done, 'h1'), holding)
      .filter(({ code }) => code === 'jaws-on-finished')
      .map(({ level, said: why }) => `${level}: ${plainText(why)}`);
  const flats = laid.details.find((d) => d.id === 'flats')!;
  it('do not centre it, which is a risk, once they are cut and where the jaws close on them', () => {
    const over = grip(flats.z0 + 1, flats.z1);
    expect(said([], over)).toEqual([]);
    expect(said(['flats'], over)).toEqual([
      'risk: The jaws would close on Flats: on flats they do not centre.',
    ]);
    expect(said(['flats'], grip(0, flats.z0 - 1))).toEqual([]);
  });
  it('and on a plain diameter that is done they may close', () => {
    expect(said(['body'], grip(2, 30))).toEqual([]);
  });
});

describe('a face with a hole in it', () => {
  it('is not centred: its mouth is sunk to 60°, by a millimetre over its hole', () => {
    const laid = layOut(
      inBar(BODY, { ...BODY, id: 'hole', kind: 'bore', side: 'internal', diameter: 12, length: 20 }),
    );
    const said = (done: string[]): string => {
      const piece = finished(rawPiece(laid, { toward: 'tailstock' }), done, 'h1');
      const moment = { piece, operation: { end: 'tailstock' } } as never;
      return plainText(kindOfOperation('centre').say(laid, null, moment));
    };
    expect(said([])).toMatch(/^Centre the tailstock end, /);
    const over = SUNK_OVER.toFixed(1);
    expect(said(['hole'])).toBe(
      `Sink the mouth 60° for the centre, ${(12 + Number(over)).toFixed(1)}\u00a0mm across`,
    );
  });
});

describe('a counterbore', () => {
  const laid = layOut(
    inBar(BODY, {
      ...BODY,
      id: 'tap',
      kind: 'thread',
      side: 'internal',
      designation: 'M12',
      diameter: 12,
      length: 20,
    } as Feature),
  );
  const tap = laid.all.find(({ id }) => id === 'tap')!;
  const raw = rawPiece(laid, { toward: 'tailstock' });
  const wrong = (piece: typeof raw): string[] =>
    kindOfOperation('counterbore')
      .wrong({ laid, piece } as never, tap)
      .map(({ level, code }) => `${level}: ${code}`);
  it('follows a hole, and comes before the tap', () => {
    expect(wrong(raw)).toEqual(['impossible: no-hole']);
    expect(wrong(finished(raw, ['tap'], 'h1'))).toEqual(['risk: hole-spoiled']);
  });
});

describe('what is made away from the lathe', () => {
  const lying = { id: 'd', side: 'external', at: 'tailstock', on: 'body' } as const;
  const flats: Feature = { ...lying, name: 'Flats', kind: 'flats', across: 30, count: 2, length: 10 };
  const hole: Feature = { ...lying, name: 'Pin hole', kind: 'cross-hole', diameter: 5, place: 12 };
  it.each([
    ['mill', flats],
    ['cross-drill', hole],
  ] as const)('is done when it has been made: %s', (kind, detail) => {
    const laid = layOut(inBar(BODY, detail));
    const section = laid.details.find(({ id }) => id === 'd')!;
    const piece = rawPiece(laid, { toward: 'tailstock' });
    const after = kindOfOperation(kind).after({ laid, piece, holding: { id: 'h9' } } as never, section);
    expect(after.done.has('d')).toBe(true);
    expect(piece.done.has('d')).toBe(false);
    expect(kindOfOperation(kind).finishes?.(laid, section)).toBe(true);
  });
  it('a hole is measured across, a tapped one is not', () => {
    const measured = (designation: string): number => {
      const part = inBar(BODY, { ...hole, designation } as Feature);
      const { holdings } = planPart(part);
      const id = holdings.flatMap((h) => h.operations).find((o) => o.kind === 'cross-drill')!.id;
      const { card } = operationInHand(part, holdings, id).cards[0]!;
      return card.kind === 'figures' ? card.measures.length : -1;
    };
    expect([measured(''), measured('  '), measured('M6')]).toEqual([2, 2, 1]);
  });
});

describe('an operation on nothing in particular', () => {
  it('is called by its kind', () => {
    const laid = layOut(inBar(BODY));
    expect(kindOfOperation('counterbore').say(laid, null, undefined as never)).toEqual(['Counterbore']);
  });
});
