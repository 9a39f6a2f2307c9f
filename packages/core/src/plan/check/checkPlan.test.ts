import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { AnelloError } from '../../basics/error';
import { staircase as shoulders } from '../../cutting/staircase';
import { USUAL_PASSES } from '../../cutting/usual';
import { plainText } from '../../figure/phrase';
import { taperOfPart } from '../../part/taperTask';
import { LONG } from '../../testkit.testdata';
import { tappedHole } from '../../thread/tapDrill';
import { describePlan } from '../describe';
import { COLLET_HOLDER } from '../../examples.testdata';
import { made, wholeLine } from '../parts.testdata';
import type { Holding, PlanOperation } from '../piece/line';
import { planPart } from '../propose/planPart';
import { checkPlan } from './checkPlan';
import { stockAfter } from './stockAfter';

const { holdings } = planPart(COLLET_HOLDER);
const [first, second] = holdings as [Holding, Holding];
const codes = (line: readonly Holding[]): string[] => checkPlan(COLLET_HOLDER, line).map((f) => f.code);
const withOperations = (holding: Holding, change: (all: PlanOperation[]) => PlanOperation[]): Holding => ({
  ...holding,
  operations: change([...holding.operations]),
});
const is = (kind: string, feature?: string) => (o: PlanOperation) =>
  o.kind === kind && (feature === undefined || o.features.includes(feature));
/** An operation taken out and put where another stands. */
const moved =
  (what: (o: PlanOperation) => boolean, before: (o: PlanOperation) => boolean) =>
  (all: PlanOperation[]): PlanOperation[] => {
    const taken = all.find(what) as PlanOperation;
    const rest = all.filter((o) => o !== taken);
    rest.splice(rest.findIndex(before), 0, taken);
    return rest;
  };

describe('the collet holder', () => {
  it('is drilled and tapped for its drawbar first, then held by its own shank', () => {
    expect(holdings.map((h) => [h.by, h.toward])).toEqual([
      ['three-jaw', 'headstock'],
      ['own-taper', 'tailstock'],
    ]);
    expect(checkPlan(COLLET_HOLDER, holdings)).toEqual([]);
  });

  const inFirst = (change: (all: PlanOperation[]) => PlanOperation[]): string[] =>
    codes([withOperations(first, change), second]);
  it.each([
    ['a tap before its drill', moved(is('tap'), is('drill')), 'no-hole'],
    ['a counterbore after the tap', moved(is('tap'), is('counterbore')), 'no-counterbore'],
    ['a taper out of the solid', moved(is('taper'), is('staircase')), 'no-staircase'],
    ['parting off first', moved(is('part-off'), is('face')), 'parted-already'],
    ['turning on a rough face', moved(is('turn', 'collar'), is('face')), 'not-faced'],
  ])('catches %s', (_what, change, code) => expect(inFirst(change)).toContain(code));

  it.each([
    ['a thread before the groove it runs out into', moved(is('thread'), is('groove')), 'runs-into-stock'],
    ['a thread on the bar', moved(is('thread'), is('turn', 'nut')), 'no-blank'],
  ])('catches %s', (_what, change, code) =>
    expect(codes([first, withOperations(second, change)])).toContain(code),
  );

  it('catches a drill after the compound is swung', () => {
    const late = withOperations(second, moved(is('taper'), is('drill')));
    expect(codes([first, late])).toContain('no-hole');
    const swung = withOperations(second, (all) => [
      ...all.filter((o) => !is('drill', 'clear')(o)),
      ...all.filter(is('drill', 'clear')),
    ]);
    expect(codes([first, swung])).toContain('compound-swung');
  });

  it('catches jaws on the finished shank, a grip that is too short, and work under the jaws', () => {
    const jaws: Holding = { ...second, by: 'three-jaw', grips: { from: 10, to: 60 } };
    expect(codes([first, jaws])).toEqual(expect.arrayContaining(['jaws-on-finished', 'axis-lost']));
    expect(codes([{ ...first, grips: { from: 118, to: 122 } }, second])).toContain('short-grip');
    expect(codes([{ ...first, grips: { from: 90, to: 125 } }, second])).toContain('under-the-jaws');
  });

  it('catches a centre without its hole, a holding by a taper that is not there, and a drawbar that is not tapped', () => {
    expect(codes([{ ...first, centre: true }, second])).toContain('no-centre-hole');
    expect(codes([second, first])).toContain('not-held');
    const untapped = withOperations(first, (all) => all.filter((o) => !is('tap')(o)));
    expect(codes([untapped, second])).toEqual(expect.arrayContaining(['no-drawbar', 'unfinished']));
  });

  it('catches whatever cuts after hardening, and nothing that does not', () => {
    const harden: PlanOperation = { id: 'hard', kind: 'harden', features: [] };
    const early = withOperations(first, (all) => [...all.slice(0, -1), harden, ...all.slice(-1)]);
    const hard = checkPlan(COLLET_HOLDER, [early, second]).filter((f) => f.code === 'hard-already');
    const after = [...first.operations.slice(-1), ...second.operations].map((o) => o.id);
    const cutting = after.filter((id) => !second.operations.some((o) => o.id === id && o.kind === 'inspect'));
    expect([...new Set(hard.map((f) => f.operation))]).toEqual(cutting);
    // A file spoils nothing by it; it only does not cut.
    expect(hard.filter((f) => f.level === 'risk').map((f) => f.operation)).toEqual(['finish']);
    const late = withOperations(second, (all) => [...all, harden]);
    expect(codes([first, late])).not.toContain('hard-already');
  });

  it('says what is missing, in sentences that name it', () => {
    const found = checkPlan(COLLET_HOLDER, [first]);
    expect(found.find((f) => f.code === 'unfinished')?.sentence).toMatch(/ is not made by any of this\.$/);
    expect(found.find((f) => f.code === 'end-not-faced')?.sentence).toBe('The tailstock end is not faced.');
    expect(found.every((f) => f.holding === first.id && f.operation === null)).toBe(true);
  });

  it('stands as it should on the way', () => {
    const after = (kind: string, feature?: string): ReturnType<typeof stockAfter> =>
      stockAfter(COLLET_HOLDER, holdings, holdings.flatMap((h) => h.operations).find(is(kind, feature))!.id);
    const radii = (points: readonly { z: number; r: number }[], z: number): number[] =>
      points.filter((p) => Math.abs(p.z - z) < 1e-6).map((p) => p.r);
    // Faced at the shank's end; the bar goes on past the other.
    expect(after('face').outer[0]).toEqual({ z: 0, r: 21 });
    expect(after('face').outer.at(-1)!.z).toBeGreaterThan(112);
    expect(after('face').inner).toEqual([]);
    // The tapping drill for nine tenths of the full overlap, 5/8 H each side, as deep as the thread is drawn.
    const [wall, bottom] = radii(after('drill', 'drawbar').inner, 25);
    const exact = 12 - 0.9 * 2 * (5 / 8) * (Math.sqrt(3) / 2) * 1.75;
    expect(exact).toBeCloseTo(10.295, 3);
    // Drills for taps come in tenths where the shop has not said which it owns.
    expect(wall).toBeCloseTo(10.3 / 2, 9);
    expect(bottom).toBe(0);
    // The collar was turned from the face: what will be the shank is as thick as it.
    expect(radii(after('turn', 'collar').outer, 0)).toEqual([20]);
    expect(radii(after('turn', 'collar').outer, 97)).toEqual([20, 21]);
    expect(after('part-off').outer.at(-1)!.z).toBeCloseTo(113, 6);
  });

  it('says what the cards of its holes and cones say', () => {
    const lines = describePlan(COLLET_HOLDER, holdings)
      .holdings.flatMap((one) => one.operations)
      .map((one) => [one.operation.kind, plainText(one.lines[0] ?? [], 'mm')] as const);
    const line = (kind: string): string =>
      lines.find(([k]) => k === kind)?.[1].replaceAll('\u00a0', ' ') ?? '';
    // Four turns of lead below the last full thread of 25 mm.
    expect(line('drill')).toContain('32.0 mm deep');
    const hole = tappedHole({
      thread: { form: 'metric', diameter: 12, pitch: 1.75 },
      length: 25,
      drill: 10.3,
    });
    expect(line('counterbore')).toContain(`${hole.counterbore.diameter} mm`);
    const { solved } = taperOfPart(COLLET_HOLDER.features, { grade: 'AT6' }, 'shank')!;
    const cuts = shoulders({
      ...solved,
      member: 'external',
      // The collar's diameter stands there by then.
      stock: 40,
      ...{ allowance: USUAL_PASSES.allowance, depth: USUAL_PASSES.roughDepth },
      ...{ division: LONG.dial.division, reads: LONG.dial.reads },
    });
    expect(line('staircase')).toContain(`${cuts.length} shoulders`);
  });

  it('counts a counterbore made in an earlier holding', () => {
    const early: Holding = withOperations(first, (all) => all.slice(0, all.findIndex(is('tap'))));
    const late: Holding = {
      ...first,
      id: 'again',
      operations: first.operations.slice(early.operations.length),
    };
    expect(codes([early, late, second])).not.toContain('no-counterbore');
  });

  it('refuses a bar that does not hold the part, at its field, and operations it does not have', () => {
    const thin = { ...COLLET_HOLDER, stock: { ...COLLET_HOLDER.stock, across: 38 } };
    expect(() => planPart(thin)).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'stock.across' }),
    );
    const small = { ...LONG, swing: 300, swingOverSlide: 40 };
    const fat = { ...COLLET_HOLDER, lathe: small };
    expect(() => planPart(fat)).toThrow(/does not swing over the cross-slide/);
    const short = { ...COLLET_HOLDER, stock: { ...COLLET_HOLDER.stock, length: 100 } };
    expect(() => planPart(short)).toThrow(expect.objectContaining({ field: 'stock.length' }));
    const tube = { ...COLLET_HOLDER, stock: { ...COLLET_HOLDER.stock, bore: 15 } };
    expect(() => planPart(tube)).toThrow(expect.objectContaining({ field: 'stock.bore' }));
    expect(() => stockAfter(COLLET_HOLDER, holdings, 'none')).toThrow(AnelloError);
  });
});

describe('an order turned upside down', () => {
  it('is caught for any part', () =>
    fc.assert(
      fc.property(made(2), (part) => {
        const line = wholeLine(part).holdings;
        const before = checkPlan(part, line).length;
        for (const [h, holding] of line.entries()) {
          const cutting = holding.operations.filter((o) => !['finish', 'inspect'].includes(o.kind));
          if (cutting.length < 2 || cutting[0]?.kind !== 'face') continue;
          const upside = line.map((one, i) =>
            i === h ? { ...one, operations: [...one.operations].reverse() } : one,
          );
          expect(checkPlan(part, upside).length).toBeGreaterThan(before);
        }
      }),
      { numRuns: 120 },
    ));
});
