import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { cutState } from '../approach/cutState';
import type { JobFacts } from './facts';
import { jobProgress } from './progress';
import { currentPiece, ofKind, standing, type KeptRecord } from './records/row';
import type { RecordBody } from './records/registry';
import { lastReadings, triesOf } from '../approach/tries';

let made = 0;
const keep = (body: RecordBody, piece = 1): KeptRecord => ({
  id: `r${++made}`,
  jobId: 'j',
  piece,
  at: '2026-11-20T09:00:00Z',
  operator: 'RK',
  body,
});
const reading = (at: number, seen: number, piece = 1) =>
  keep(
    {
      kind: 'reading',
      way: 'attachment',
      step: 'sweep',
      travelAlong: 'axis',
      at,
      seen,
      expected: 0,
      low: 0,
      high: 0,
      typed: '',
    },
    piece,
  );
const nudge = () =>
  keep({
    kind: 'nudge',
    way: 'attachment',
    step: 'sweep',
    amount: 0.026,
    direction: 'toward you',
    fromHalfAngle: 0.0253,
    toHalfAngle: 0.0251,
  });
const setting = (over: object = {}, piece = 1) =>
  keep(
    { kind: 'setting-kept', way: 'attachment', machineId: 'm1', halfAngle: 0.025, workLength: 136, ...over },
    piece,
  );
const verdict = (v: 'accepted' | 'rework' | 'scrap', piece = 1) =>
  keep({ kind: 'verdict', verdict: v, cause: '' }, piece);
const pass = (dialTo: number, depth: number) =>
  keep({ kind: 'pass', dialFrom: 0, dialTo, planned: null, depth, typed: '' });

const facts: JobFacts = {
  quantity: 3,
  machineId: 'm1',
  halfAngle: 0.025,
  band: 4e-5,
  partComplete: true,
  hasTaper: true,
  way: { id: 'attachment', machineId: 'm1', halfAngle: 0.025 },
};
const now = (records: KeptRecord[], over: Partial<JobFacts> = {}) =>
  jobProgress({ ...facts, ...over }, records);
const stageState = (records: KeptRecord[], over: Partial<JobFacts> = {}) =>
  now(records, over)
    .stages.map((s) => s.state[0])
    .join('');

describe('records', () => {
  it('a withdrawn record no longer stands, and the withdrawal is not one either', () => {
    const wrong = reading(25, 9.9);
    const records = [wrong, reading(25, 0.627), keep({ kind: 'withdrawn', record: wrong.id })];
    expect(standing(records)).toHaveLength(1);
    expect(ofKind(records, 'reading')[0]?.body.seen).toBe(0.627);
  });
  it('a nudge ends a try; the last reading at a place counts', () => {
    const records = [reading(25, 0.629), reading(50, 1.262), nudge(), reading(25, 0.7), reading(25, 0.627)];
    const tries = triesOf(records, 'attachment', 'sweep', 1);
    expect(tries.map((t) => t.readings.length)).toEqual([2, 2]);
    expect(tries[0]?.nudge?.body.amount).toBe(0.026);
    expect(lastReadings(tries[1]!)).toEqual([{ at: 25, seen: 0.627 }]);
  });
  it('where the cut stands follows passes and measurements in order', () => {
    const records = [
      pass(1, 0.5),
      pass(2, 0.5),
      keep({ kind: 'measured', diameter: 23.08, expected: 23, dialAt: 2, typed: '23.08' }),
      pass(3, 0.5),
    ];
    expect(cutState(records, 1, 25, 'external')).toEqual({ now: 22.08, dial: 3, passes: 3, measured: 1 });
    expect(cutState(records, 1, 10, 'internal').now).toBeCloseTo(24.08, 9);
  });
});

describe('how far a job has come', () => {
  it('walks through the six stages', () => {
    expect(stageState([], { partComplete: false, way: null })).toBe('naaaaa');
    expect(stageState([], { way: null })).toBe('dnaaaa');
    expect(stageState([])).toBe('ddnaaa');
    expect(stageState([setting()])).toBe('dddnaa');
    expect(
      stageState([
        setting(),
        pass(1, 0.5),
        keep({ kind: 'contact', contact: 'full', halfAngle: 0.025, swing: null, distance: null }),
      ]),
    ).toBe('ddddna');
    expect(stageState([setting(), verdict('accepted')])).toBe('dddddn');
    expect(now([setting(), verdict('accepted')]).next).toBe('Start piece 2 of 3');
  });
  it('is cut when it has been both cut and tried, in either order, and on this piece', () => {
    const stood = keep({ kind: 'stand-off', seen: 1, halfAngle: 0.025, diameterLeft: 0.05, typed: '1' });
    expect(stageState([setting(), pass(1, 0.5)])).toBe('dddnaa');
    expect(stageState([setting(), stood])).toBe('dddnaa');
    expect(stageState([setting(), stood, pass(1, 0.5)])).toBe('ddddna');
    const second = keep({ kind: 'piece', carriedFrom: 1 }, 2);
    expect(stageState([setting(), stood, pass(1, 0.5), verdict('accepted'), second])).toBe('dddnaa');
  });
  it('the last of several pieces is finished, not one before', () => {
    const two = [setting(), verdict('accepted'), keep({ kind: 'piece', carriedFrom: 1 }, 2)];
    expect(now(two, { quantity: 2 })).toMatchObject({ finished: false, piece: 2 });
    const closed = keep({ kind: 'verdict', verdict: 'accepted', cause: '' }, 2);
    expect(now([...two, closed], { quantity: 2 })).toMatchObject({ finished: true });
    expect(now([...two, closed], { quantity: 3 })).toMatchObject({ finished: false });
    expect(now([setting(), verdict('scrap')], { quantity: 2 })).toMatchObject({
      finished: false,
      scrapped: true,
    });
  });
  it('the next piece carries the setting and starts at the cut', () => {
    const records = [setting(), verdict('accepted'), keep({ kind: 'piece', carriedFrom: 1 }, 2)];
    expect(currentPiece(records)).toBe(2);
    expect(stageState(records)).toBe('dddnaa');
  });
  it('is finished when the last piece is closed, and says scrap is scrap', () => {
    expect(now([setting(), verdict('accepted')], { quantity: 1 })).toMatchObject({
      finished: true,
      scrapped: false,
    });
    expect(now([verdict('scrap')], { quantity: 1 })).toMatchObject({ finished: true, scrapped: true });
    expect(now([setting(), verdict('rework')], { quantity: 1 }).finished).toBe(false);
  });
  it('a part without a taper goes straight from its figures to proving', () => {
    expect(stageState([], { hasTaper: false, halfAngle: null, way: null })).toBe('ddddna');
    expect(stageState([], { hasTaper: false, partComplete: false, halfAngle: null, way: null })).toBe(
      'naaaaa',
    );
  });
  it('a change upstream makes what follows stale, and says what it was', () => {
    const later = now([setting()], { halfAngle: 0.026 });
    expect(later.stages.filter((s) => s.stale).map((s) => s.stage)).toEqual(['way', 'set']);
    expect(later.now).toBe('way');
    expect(now([setting()], { machineId: 'm2' }).stages.find((s) => s.stage === 'set')?.stale?.[0]).toBe(
      'set on another lathe',
    );
    expect(now([setting({ way: 'compound' })]).stages.find((s) => s.stage === 'set')?.stale?.[0]).toBe(
      'set for another way',
    );
  });
  it('a change inside the band does not', () => {
    expect(now([setting()], { halfAngle: 0.02503 }).stages.every((s) => s.stale === null)).toBe(true);
  });
});

describe('how far an eccentric has come', () => {
  const eccentric = { id: 'e', throw: 4.75, bored: true, way: 'four-jaw' as const };
  const basis = { throw: 4.75, diameter: 54, width: 18, bore: 20, hub: 34 };
  const at = (bodies: readonly RecordBody[], over: Partial<JobFacts> = {}) =>
    jobProgress(
      { ...facts, hasTaper: false, halfAngle: null, way: null, eccentric, ...over },
      bodies.map((body, i) => ({
        id: `x${i}`,
        jobId: 'j',
        piece: 1,
        at: '2026-01-01T00:00:00Z',
        operator: 'RK',
        body,
      })),
    );
  const thrown = (inside: boolean, wanted = 4.75): RecordBody => ({
    kind: 'thrown',
    eccentric: 'e',
    wanted,
    now: 4.7,
    x: 4.7,
    y: 0,
    inside,
  });
  const made = (what: 'outside' | 'bore'): RecordBody => ({ kind: 'made', eccentric: 'e', what, basis });
  it('waits for a way, a throw that reads right, the bore at it, and a verdict', () => {
    expect(at([], { eccentric: { ...eccentric, way: null } }).now).toBe('way');
    expect(at([]).now).toBe('set');
    expect(at([thrown(false), made('outside')]).now).toBe('set');
    expect(at([thrown(true)])).toMatchObject({ now: 'cut', next: 'Bore or turn it at that setting' });
    expect(at([thrown(true), made('outside')]).now).toBe('cut');
    expect(at([thrown(true), made('bore')]).now).toBe('prove');
    expect(at([thrown(true), made('outside')], { eccentric: { ...eccentric, bored: false } }).now).toBe(
      'prove',
    );
  });
  it('a throw changed on the drawing makes the setting stale', () => {
    const { now, stages } = at([thrown(true), made('bore')], { eccentric: { ...eccentric, throw: 5 } });
    expect(now).toBe('set');
    expect(plainText(stages.find((s) => s.stage === 'set')!.stale!)).toContain('4.75');
  });
});

describe('how far a curve has come', () => {
  const at = (bodies: readonly RecordBody[], curveWay: string | null) =>
    jobProgress(
      { ...facts, hasTaper: false, halfAngle: null, way: null, curveWay },
      bodies.map((body) => keep(body)),
    ).now;
  it('waits for its way, then for being cut: a note alone is no cut', () => {
    expect(at([], null)).toBe('way');
    expect(at([{ kind: 'note', text: 'Brass rod found' }], 'steps')).toBe('cut');
    expect(at([{ kind: 'shaped', way: 'steps', said: '' }], 'steps')).toBe('prove');
    expect(at([{ kind: 'verdict', verdict: 'accepted', cause: '' }], 'steps')).toBe('record');
  });
});
