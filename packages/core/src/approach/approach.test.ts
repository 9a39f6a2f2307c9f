import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { salvageWays } from '../gauging/salvage';
import { approachAdvice, approachOf, evidenceOf, lastPrediction } from './approach';
import type { KeptRecord } from '../job/records/row';
import type { RecordBody } from '../job/records/registry';

const halfAngle = Math.atan(1 / 19.922 / 2);
const slope = Math.tan(halfAngle);
const limits = { halfAngle, standOff: 0.25, division: 0.005 };
let n = 0;
const kept = (body: RecordBody, piece = 1): KeptRecord => ({
  id: `00000000-0000-4000-8000-${String(n++).padStart(12, '0')}`,
  jobId: 'j',
  piece,
  at: '2026-11-20T10:00:00.000Z',
  operator: 'RK',
  body,
});
const pass = (depth: number): RecordBody => ({
  kind: 'pass',
  dialFrom: 0,
  dialTo: 0,
  planned: null,
  depth,
  typed: '',
});
const tried = (seen: number): RecordBody => ({
  kind: 'stand-off',
  seen,
  halfAngle,
  diameterLeft: 2 * seen * slope,
  typed: '',
});

describe('the approach to the line', () => {
  it('starts at the first try, and each pass has what the next try showed it removed', () => {
    const records = [pass(0.5), tried(4), pass(0.03), pass(0.02), tried(2.2), pass(0.03), tried(1.1)].map(
      (b) => kept(b),
    );
    const { passes, points, stock } = approachOf(records, 1);
    expect(passes).toHaveLength(3);
    expect(passes.map((p) => p.infeed)).toEqual([0.03, 0.02, 0.03]);
    expect(passes[0]!.removed).toBeUndefined();
    expect(passes[1]!.removed).toBeCloseTo(1.8 * slope, 12);
    expect(points.map((p) => p.fed)).toEqual([0, 0.05, 0.08]);
    expect(stock).toBeCloseTo(1.1 * slope, 12);
    expect(approachOf(records, 2).stock).toBeNull();
  });
  it('two tries without a pass between are one measurement made again', () => {
    const records = [tried(4), pass(0.05), tried(2.2), tried(2)].map((b) => kept(b));
    const { passes, points } = approachOf(records, 1);
    expect(points).toHaveLength(2);
    expect(passes[0]!.removed).toBeCloseTo(2 * slope, 12);
  });
  it('an edge that is drawn back cuts air until it is fed past where it stood', () => {
    const direct = [pass(0.5), tried(4), pass(0.03), pass(0.02), tried(2.2)].map((b) => kept(b));
    const back = [pass(0.5), tried(4), pass(0.03), pass(-0.6), pass(0.5), pass(0.12), tried(2.2)].map((b) =>
      kept(b),
    );
    const [one, other] = [approachOf(direct, 1), approachOf(back, 1)];
    expect(other.passes.map(({ infeed }) => infeed)).toEqual([0.03, expect.closeTo(0.02, 12)]);
    expect(other.points.map(({ fed }) => fed)).toEqual([0, expect.closeTo(0.05, 12)]);
    expect(approachAdvice(other, limits)?.infeed).toBe(approachAdvice(one, limits)?.infeed);
    // Drawn back last, it is advised of as before.
    const { infeed } = approachAdvice(approachOf(direct, 1), limits)!;
    expect(approachAdvice(approachOf([...direct, kept(pass(-1))], 1), limits)?.infeed).toBe(infeed);
  });
  it('a reading kept after things were looked at begins the count anew', () => {
    const again: RecordBody = { ...tried(2.2), checked: true } as RecordBody;
    const records = [tried(4), pass(0.02), tried(1), again, pass(0.01), tried(1.8)].map((b) => kept(b));
    const { passes, points } = approachOf(records, 1);
    expect(passes.map((p) => p.infeed)).toEqual([0.01]);
    expect(points.map((p) => p.fed)).toEqual([0, 0.01]);
  });
  it('an edge stands as the last passes before a try left it, whatever was measured between', () => {
    const seen = (diameter: number, expected: number | null): RecordBody => ({
      kind: 'measured',
      diameter,
      expected,
      dialAt: 0,
      typed: '',
    });
    const cuts = [0.7, 0.1, 0.08, 0.06, 0.05, 0, 0].map(pass);
    const rows = (...bodies: RecordBody[]) =>
      approachOf(
        bodies.map((b) => kept(b)),
        1,
      );
    expect(rows(...cuts, tried(2)).before).toEqual([0.1, 0.08, 0.06, 0.05, 0, 0]);
    // Measured near what the dial let expect, it says what it moves; a whole feed off, outside or inside, it does not.
    const shown = (depth: number, diameter: number, expected: number | null) =>
      rows(pass(depth), seen(diameter, expected), tried(2)).dialShown;
    expect([shown(0.7, 28.6, 28.6), shown(0.7, 28.3, 28.6), shown(0.7, 21.4, 21.35)]).toEqual([
      true,
      true,
      true,
    ]);
    expect([shown(0.7, 27.2, 28.6), shown(0.7, 29.3, 28.6), shown(0.7, 22.8, 21.4)]).toEqual([
      false,
      false,
      false,
    ]);
    expect([shown(0.05, 29.9, 29.9), shown(0.7, 28.6, null)]).toEqual([false, false]);
    // The last word counts.
    const both = rows(cuts[0]!, seen(28.6, 28.6), cuts[0]!, seen(25.8, 27.2), tried(2));
    expect(both.dialShown).toBe(false);
    // Dial, slide and tool looked at: nothing is taken for granted.
    expect(rows(...cuts, tried(2), { ...tried(2), checked: true } as RecordBody).before).toEqual([]);
  });
  it.each([
    [
      'a nudge',
      {
        kind: 'nudge',
        way: 'attachment',
        step: 'sweep',
        amount: 0.1,
        direction: '',
        fromHalfAngle: halfAngle,
        toHalfAngle: halfAngle,
      },
    ],
    ['the carriage run along the cone', { kind: 'cone', method: 'sweep', ratio: 0.05, uncertainty: 1e-5 }],
  ] as [string, RecordBody][])('%s moves the edge: the count begins anew from the last try', (_, moved) => {
    const records = [pass(0.1), pass(0), tried(3), pass(0.02), tried(2), moved].map((b) => kept(b));
    const then = approachOf(records, 1);
    expect(then).toMatchObject({ passes: [], before: [], points: [{ fed: 0 }] });
    expect(then.stock).toBeCloseTo(2 * slope, 12);
    const clean = [...records, ...[pass(0.01), pass(0.01), tried(1.4)].map((b) => kept(b))];
    expect(approachOf(clean, 1)).toMatchObject({ passes: [], before: [0.01, 0.01], points: [{ fed: 0 }] });
    expect(lastPrediction(approachOf(clean, 1), limits)).toBeNull();
  });
  it('of an infeed cut twice what had been foretold is of both passes; drawn back it is a try made again', () => {
    const last = (...bodies: RecordBody[]) =>
      lastPrediction(
        approachOf(
          bodies.map((b) => kept(b)),
          1,
        ),
        limits,
      )!.foretold;
    const before = [pass(0.1), pass(0), tried(3)];
    const once = last(...before, pass(0.03), tried(1.9));
    const pair = last(...before, pass(0.03), pass(0), tried(1.9));
    expect(pair.left).toBeLessThan(once.left);
    const back = approachOf(
      [...before, pass(-0.01), tried(3)].map((b) => kept(b)),
      1,
    );
    expect(back).toMatchObject({ passes: [], points: [{ fed: 0, stock: expect.closeTo(3 * slope, 12) }] });
    expect(lastPrediction(back, limits)).toBeNull();
    expect(approachAdvice(back, limits)?.move).toBe('cut');
    // Known to stand as it cut, it is foretold more closely than by an edge set anew.
    const anew = last(tried(3), pass(0.03), tried(1.9));
    expect(once.high - once.low).toBeLessThan(anew.high - anew.low);
  });
  it('a dial that takes twice what it says is told before the next infeed, and not after it is put right', () => {
    const wild = [tried(8), pass(0.04), tried(8 - 0.08 / slope)];
    const said = approachAdvice(
      approachOf(
        wild.map((b) => kept(b)),
        1,
      ),
      limits,
    )!;
    expect(said).toMatchObject({ advice: 'hold', infeed: 0, suspicion: { kind: 'dial-doubled' } });
    const right: RecordBody = { ...tried(8 - 0.08 / slope), checked: true } as RecordBody;
    const after = approachAdvice(
      approachOf(
        [...wild, right].map((b) => kept(b)),
        1,
      ),
      limits,
    )!;
    expect(after.suspicion).toBeNull();
    expect(after.advice).toBe('cut');
  });
  it('a piece felt warmer than its gauge is evidence of that, until it has cooled', () => {
    const felt = (feel: 'warm' | 'as-cool'): RecordBody => ({ kind: 'felt', feel });
    expect(evidenceOf([kept(felt('warm'))], 1)).toEqual([{ kind: 'warmer', by: 10 }]);
    expect(
      evidenceOf(
        [felt('warm'), felt('as-cool')].map((b) => kept(b)),
        1,
      ),
    ).toEqual([{ kind: 'warmer', by: 0 }]);
  });
  it('advises in whole divisions, foretells, and says how the last came out', () => {
    const records = [tried(4), pass(0.05), tried(4 - 0.045 / slope)].map((b) => kept(b));
    const approach = approachOf(records, 1);
    const said = approachAdvice(approach, limits)!;
    expect(said.advice).toBe('cut');
    expect(Math.abs(said.infeed / 0.005 - Math.round(said.infeed / 0.005))).toBeLessThan(1e-9);
    expect(said.infeed).toBeLessThan(approach.stock! + 0.25 * slope);
    expect(said.prediction.left).toBeGreaterThan(-0.25 * slope);
    const last = lastPrediction(approach, limits)!;
    expect(last.came).toBeCloseTo(approach.stock!, 12);
    expect(last.inside).toBe(true);
    const wild = approachOf(
      [tried(4), pass(0.05), tried(4 - 0.12 / slope)].map((b) => kept(b)),
      1,
    );
    expect(lastPrediction(wild, limits)!.inside).toBe(false);
  });
  it('is fed nearer where earlier approaches on the lathe have shown its dial', () => {
    const approach = approachOf(
      [pass(0.1), pass(0), pass(0), tried(2)].map((b) => kept(b)),
      1,
    );
    const lore = { gain: 0.95, spread: 0.05, believed: 0.3, latest: '2026-11-01T00:00:00.000Z' };
    const infeed = (approaches: number) =>
      approachAdvice(approach, { ...limits, lore: { ...lore, approaches }, twice: true })!.infeed;
    expect(infeed(1)).toBeLessThan(0.5 * (2 + 0.25) * slope);
    expect(infeed(2)).toBeGreaterThan(infeed(1));
  });
  it('inside the band it is reached, before a try there is nothing to say', () => {
    expect(approachAdvice(approachOf([kept(tried(0.2))], 1), limits)!.advice).toBe('reached');
    expect(approachAdvice(approachOf([], 1), limits)).toBeNull();
    expect(lastPrediction(approachOf([kept(tried(0.2))], 1), limits)).toBeNull();
  });
});

describe('what was seen and felt', () => {
  const contact = (where: 'large' | 'full', swing: number | null = null): RecordBody => ({
    kind: 'contact',
    contact: where,
    halfAngle,
    swing,
    distance: swing === null ? null : 80,
  });
  it('is the last of each kind under the present setting: a pass leaves the shape, a nudge makes another cone', () => {
    const records = [
      contact('full'),
      { kind: 'felt', feel: 'firm' },
      pass(0.1),
      contact('large', 0.02),
      { kind: 'felt', feel: 'loose-small' },
      { kind: 'felt', feel: 'lets-go' },
    ].map((b) => kept(b as RecordBody));
    expect(evidenceOf(records, 1)).toEqual([
      { kind: 'bands', where: 'large' },
      { kind: 'rock', touches: 'large', swing: 0.02, distance: 80 },
      { kind: 'shake', where: 'small' },
      { kind: 'sticks', holds: false },
    ]);
    expect(evidenceOf([...records, kept(pass(0.05))], 1)).toHaveLength(4);
    const nudged: RecordBody = {
      kind: 'nudge',
      way: 'attachment',
      step: 'sweep',
      amount: 0.01,
      direction: '',
      fromHalfAngle: halfAngle,
      toHalfAngle: halfAngle,
    };
    expect(evidenceOf([...records, kept(nudged)], 1)).toEqual([]);
    expect(evidenceOf([...records, kept(contact('full'))], 1).map((e) => e.kind)).toEqual([
      'bands',
      'shake',
      'sticks',
    ]);
  });
});

describe('the cone itself measured', () => {
  const cone = (ratio: number): RecordBody => ({
    kind: 'cone',
    method: 'diameters',
    ratio,
    uncertainty: 2e-5,
  });
  it('is evidence of its angle, the last of them, until the setting is moved', () => {
    const records = [cone(0.05), cone(0.0502)].map((b) => kept(b));
    expect(evidenceOf(records, 1)).toEqual([{ kind: 'measured', ratio: 0.0502, uncertainty: 2e-5 }]);
    const moved: RecordBody = {
      kind: 'setting-kept',
      way: 'compound',
      machineId: 'm',
      halfAngle,
      workLength: 80,
    };
    expect(evidenceOf([...records, kept(moved)], 1)).toEqual([]);
  });
});

describe('gone past', () => {
  it('facing what it is past brings it back, at a price; too much is scrap', () => {
    const ways = salvageWays({ member: 'external', past: 0.6, allowed: 0.25, taperLength: 80 });
    expect(ways.map((w) => w.comesOff)).toEqual([0.6, 0.6]);
    expect(plainText(ways[0]!.costs)).toContain('0.35');
    expect(
      salvageWays({ member: 'internal', past: 0.6, allowed: 0.25, taperLength: 80 })[0]!.title,
    ).toContain('mouth');
    expect(salvageWays({ member: 'internal', past: 12, allowed: 0.25, taperLength: 80 })).toEqual([]);
    expect(salvageWays({ member: 'internal', past: -1, allowed: 0.25, taperLength: 80 })).toEqual([]);
  });
});

describe('what was foretold', () => {
  const until = (last: number, ...before: RecordBody[]) =>
    lastPrediction(
      approachOf(
        [...before, tried(last)].map((body) => kept(body)),
        1,
      ),
      limits,
    )!;
  it('is from what was known before the cut: how it came changes none of it', () => {
    const before = [tried(4), pass(0.02), tried(3.2), pass(0.03)];
    const [fine, poor] = [until(2, ...before), until(3, ...before)];
    expect(fine.foretold).toEqual(poor.foretold);
    expect(fine.came).toBeCloseTo(2 * slope, 12);
    expect([fine.inside, poor.inside]).toEqual([true, false]);
  });
  it('is of all that was fed between two tries, in however many passes', () => {
    const one = until(2, tried(4), pass(0.04));
    const two = until(2, tried(4), pass(0.015), pass(0.025));
    expect(two.foretold.left).toBeCloseTo(one.foretold.left, 3);
    // Never more taken than was fed, and most of it.
    expect(one.foretold.left).toBeGreaterThanOrEqual(4 * slope - 0.04 - 1e-9);
    expect(one.foretold.left).toBeLessThan(4 * slope - 0.02);
  });
  it('of a try made again is still of the pass before the first of them', () => {
    const once = until(2, tried(4), pass(0.04));
    const again = until(2.1, tried(4), pass(0.04), tried(2));
    expect(again.foretold).toEqual(once.foretold);
    expect(again.came).toBeCloseTo(2.1 * slope, 12);
  });
  it('is nothing after one try, and the risk taken does not change it', () => {
    expect(lastPrediction(approachOf([kept(tried(4))], 1), limits)).toBeNull();
    const records = [tried(4), pass(0.04), tried(2)].map((body) => kept(body));
    const at = (risk: number) => lastPrediction(approachOf(records, 1), { ...limits, risk })!.foretold;
    expect(at(0.2)).toEqual(at(0.002));
  });
});

describe('evidence that is none', () => {
  const contact = (over: object): RecordBody =>
    ({ kind: 'contact', contact: 'large', halfAngle, swing: 0.04, distance: 70, ...over }) as RecordBody;
  const seen = (body: RecordBody) => evidenceOf([kept(body)], 1).map((e) => e.kind);
  it.each([
    [{}, ['bands', 'rock']],
    [{ contact: 'small' }, ['bands', 'rock']],
    [{ contact: 'full' }, ['bands']],
    [{ swing: null }, ['bands']],
    [{ distance: null }, ['bands']],
    [{ distance: 0 }, ['bands']],
  ])('a contact with %j is %j', (over, kinds) => expect(seen(contact(over))).toEqual(kinds));
  it('of another piece says nothing of this one', () => {
    expect(evidenceOf([kept(contact({}), 2)], 1)).toEqual([]);
  });
});
