import { describe, expect, it } from 'vitest';
import { plainText } from '../figure/phrase';
import { cutState } from '../approach/cutState';
import type { EccentricFacts, JobFacts, TaperFacts } from './facts';
import { jobProgress } from './progress';
import { lineProgress } from './lineOfWork';
import { recordsOf } from './records/ofShape';
import { verdictOnPiece } from './verdictOf';
import { currentPiece, ofKind, standing, type KeptRecord } from './records/row';
import type { RecordBody } from './records/registry';

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
const setting = (over: object = {}, piece = 1) =>
  keep(
    { kind: 'setting-kept', way: 'attachment', machineId: 'm1', halfAngle: 0.025, workLength: 136, ...over },
    piece,
  );
const verdict = (v: 'accepted' | 'rework' | 'scrap', piece = 1) =>
  keep({ kind: 'verdict', verdict: v, cause: '' }, piece);
const pass = (dialTo: number, depth: number) =>
  keep({ kind: 'pass', dialFrom: 0, dialTo, planned: null, depth, typed: '' });

const cone: TaperFacts = {
  kind: 'taper',
  feature: 'shank',
  name: 'Shank',
  machineId: 'm1',
  halfAngle: 0.025,
  band: 4e-5,
  way: { id: 'attachment', machineId: 'm1', halfAngle: 0.025 },
};
const facts: JobFacts = { quantity: 3, partComplete: true, shapes: [cone] };
/** Figures of the job, and of its cone. */
type Over = Partial<JobFacts> & Partial<Omit<TaperFacts, 'kind'>>;
const now = (records: KeptRecord[], { quantity = 3, partComplete = true, shapes, ...over }: Over = {}) =>
  jobProgress({ quantity, partComplete, shapes: shapes ?? [{ ...cone, ...over }] }, records);
const stageState = (records: KeptRecord[], over: Over = {}) =>
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
  it('where the cut stands follows passes and measurements in order', () => {
    const records = [
      pass(1, 0.5),
      pass(2, 0.5),
      keep({ kind: 'measured', diameter: 23.08, expected: 23, dialAt: 2, typed: '23.08' }),
      pass(3, 0.5),
    ];
    expect(cutState(records, 1, 25, 'external')).toEqual({
      now: 22.08,
      dial: 3,
      touch: 3,
      passes: 3,
      again: 0,
      measured: 1,
    });
    const other = keep({ kind: 'pass', dialFrom: 0, dialTo: 9, planned: 9, depth: 4.5, typed: '9' }, 2);
    expect(cutState([...records, other], 1, 25, 'external')).toEqual(cutState(records, 1, 25, 'external'));
    expect(cutState([...records, other], 2, 25, 'external')).toMatchObject({ now: 16, passes: 1 });
    const again = [...records, pass(3, 0), pass(3, 0)];
    expect(cutState(again, 1, 25, 'external')).toMatchObject({ now: 22.08, passes: 5, again: 2 });
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
  it('holding by holding, the next is any piece that is still open, round from where one is', () => {
    const by = (records: KeptRecord[]) => jobProgress({ ...facts, order: 'by-holding' }, records);
    const on = (piece: number) => keep({ kind: 'piece', carriedFrom: 1 }, piece);
    expect(by([verdict('accepted', 1)])).toMatchObject({ next: 'Start piece 2 of 3', finished: false });
    expect(by([verdict('accepted', 1), verdict('accepted', 2), on(2)]).next).toBe('Start piece 3 of 3');
    expect(by([on(3), verdict('accepted', 3)]).next).toBe('Start piece 1 of 3');
    const all = [verdict('accepted', 1), verdict('scrap', 2), on(3), verdict('accepted', 3)];
    expect(by(all)).toMatchObject({ next: 'Finished: its setting is on record', finished: true });
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
    expect(stageState([], { shapes: [] })).toBe('ddddna');
    expect(stageState([], { shapes: [], partComplete: false })).toBe('naaaaa');
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
  const eccentric: EccentricFacts = {
    kind: 'eccentric',
    feature: 'e',
    name: 'Disc',
    throw: 4.75,
    bored: true,
    way: 'four-jaw',
  };
  const basis = { throw: 4.75, diameter: 54, width: 18, bore: 20, hub: 34 };
  const at = (bodies: readonly RecordBody[], over: Partial<EccentricFacts> = {}) =>
    jobProgress(
      { ...facts, shapes: [{ ...eccentric, ...over }] },
      bodies.map((body) => keep(body)),
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
    expect(at([], { way: null }).now).toBe('way');
    expect(at([]).now).toBe('set');
    expect(at([thrown(false), made('outside')]).now).toBe('set');
    expect(at([thrown(true)])).toMatchObject({ now: 'cut', next: 'Bore or turn it at that setting' });
    expect(at([thrown(true), made('outside')]).now).toBe('cut');
    expect(at([thrown(true), made('bore')]).now).toBe('prove');
    expect(at([thrown(true), made('outside')], { bored: false }).now).toBe('prove');
  });
  it('a throw changed on the drawing makes the setting stale', () => {
    const { now, stages } = at([thrown(true), made('bore')], { throw: 5 });
    expect(now).toBe('set');
    expect(plainText(stages.find((s) => s.stage === 'set')!.stale!)).toContain('4.75');
  });
});

describe('how far a curve has come', () => {
  const at = (bodies: readonly RecordBody[], curveWay: string | null) =>
    jobProgress(
      { ...facts, shapes: [{ kind: 'curve', feature: 'p', name: 'Ogee', way: curveWay }] },
      bodies.map((body) => keep(body)),
    ).now;
  it('waits for its way, then for being cut: a note alone is no cut', () => {
    expect(at([], null)).toBe('way');
    expect(at([{ kind: 'note', text: 'Brass rod found' }], 'steps')).toBe('cut');
    expect(at([{ kind: 'shaped', way: 'steps', said: '' }], 'steps')).toBe('prove');
    expect(at([{ kind: 'verdict', verdict: 'accepted', cause: '' }], 'steps')).toBe('record');
  });
});

describe('a part of several shapes', () => {
  const seat: TaperFacts = { ...cone, feature: 'seat', name: 'Seat', halfAngle: 0.1396, way: null };
  const both = { shapes: [cone, seat] };
  const of = (feature: string, record: KeptRecord): KeptRecord => ({ ...record, feature });
  const settled = [of('shank', setting()), of('shank', verdict('accepted'))];

  it('each has its own records; rows from before belong to the first, and the piece’s to all', () => {
    const records = [setting(), of('seat', pass(1, 0.5)), keep({ kind: 'note', text: 'n' })];
    expect(recordsOf(records, 'shank', true).map((r) => r.body.kind)).toEqual(['setting-kept', 'note']);
    expect(recordsOf(records, 'seat', false).map((r) => r.body.kind)).toEqual(['pass', 'note']);
    const thrown = keep({ kind: 'thrown', eccentric: 'e2', wanted: 1, now: 1, x: 1, y: 0, inside: true });
    expect(recordsOf([thrown], 'e2', false)).toHaveLength(1);
    expect(recordsOf([thrown], 'e', true)).toHaveLength(0);
  });
  it('the one in hand is the first that is not proved, said by name', () => {
    expect(now([], both)).toMatchObject({ at: 'shank', now: 'set', next: 'Shank: set the angle' });
    const second = now(settled, both);
    expect(second).toMatchObject({ at: 'seat', now: 'way', next: 'Seat: choose the way', finished: false });
    expect(second.shapes.map((s) => s.done)).toEqual([true, false]);
  });
  it('a setting of one is none of the other', () => {
    const { shapes } = now([of('seat', setting())], both);
    expect(shapes[0]!.stages.find((s) => s.stage === 'set')!.state).toBe('now');
  });
  it('the piece is closed by its own verdict, and by any shape scrapped', () => {
    const proved = [...settled, of('seat', verdict('accepted'))];
    expect(now(proved, both)).toMatchObject({ now: 'record', next: 'Close the piece', finished: false });
    expect(now([...proved, verdict('accepted')], both).next).toBe('Start piece 2 of 3');
    expect(now([of('seat', verdict('scrap'))], both)).toMatchObject({ scrapped: true });
    expect(now([of('seat', verdict('rework'))], both)).toMatchObject({ scrapped: false, finished: false });
    expect(verdictOnPiece([of('shank', verdict('accepted'))], 1, 1)?.body.verdict).toBe('accepted');
    expect(verdictOnPiece([of('shank', verdict('accepted'))], 1, 2)).toBeUndefined();
  });
});

describe('how far a piece has come along its line of work', () => {
  const line = [
    { id: 'face', features: [], loop: false },
    { id: 'drill', features: ['hole'], loop: false },
    { id: 'cone', features: ['shank'], loop: true },
    { id: 'finish', features: [], loop: false },
  ];
  const tick = (operation: string, piece = 1): KeptRecord => ({
    ...keep({ kind: 'worked', said: operation }, piece),
    operation,
  });
  const at = (records: KeptRecord[], proved: string[] = [], piece = 1) =>
    lineProgress(line, records, piece, proved);
  it('goes on where the last thing was ticked off', () => {
    expect(at([]).now).toBe('face');
    expect(at([tick('face')]).now).toBe('drill');
    expect(at([tick('face', 1)], [], 2).now).toBe('face');
    expect(at([tick('face'), tick('drill'), tick('cone'), tick('finish')]).now).toBeNull();
  });
  it('what was worked later says that what comes before is done', () => {
    const begun = { ...pass(1, 0.5), feature: 'shank' };
    expect([...at([begun]).done]).toEqual(['face', 'drill']);
    expect(at([begun]).now).toBe('cone');
    expect(at([begun], ['shank']).now).toBe('finish');
    expect(at([keep({ kind: 'note', text: 'n' })]).now).toBe('face');
    // Its hole was drilled: that is not yet the shape itself.
    expect(at([{ ...tick('face'), feature: 'shank' }]).now).toBe('drill');
  });
  it('taken back, it is to be done again', () => {
    const done = tick('face');
    expect(at([done, keep({ kind: 'withdrawn', record: done.id })]).now).toBe('face');
  });
});
