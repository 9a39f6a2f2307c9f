import { describe, expect, it } from 'vitest';
import type { KeptRecord } from '../job/records/row';
import { lastReadings, triesOf } from './tries';

let made = 0;
const kept = (body: object, over: Partial<KeptRecord> = {}): KeptRecord =>
  ({
    id: `r${++made}`,
    jobId: 'j',
    piece: 1,
    at: '2026-11-26T12:00:00.000Z',
    operator: 'RK',
    body,
    ...over,
  }) as KeptRecord;
const of = { way: 'attachment', step: 'sweep' };
const read = (at: number, seen: number, over: object = {}) =>
  kept({
    kind: 'reading',
    ...of,
    travelAlong: 'axis',
    at,
    seen,
    expected: 0,
    low: 0,
    high: 0,
    typed: '',
    ...over,
  });
const nudged = (over: object = {}) =>
  kept({
    kind: 'nudge',
    ...of,
    amount: 0.02,
    direction: 'in',
    fromHalfAngle: 0.03,
    toHalfAngle: 0.026,
    ...over,
  });
const seen = (records: readonly KeptRecord[], way: 'attachment' | 'compound' = 'attachment', piece = 1) =>
  triesOf(records, way, 'sweep', piece).map((one) => one.readings.map((r) => r.body.seen));

describe('the tries of a setting', () => {
  it('are one, with nothing in it, before anything is read', () => {
    expect(triesOf([], 'attachment', 'sweep', 1)).toEqual([{ readings: [], nudge: null }]);
  });
  it('end with each nudge, which belongs to the one it ended', () => {
    const nudge = nudged();
    const tries = triesOf([read(0, 0.1), read(50, 0.2), nudge, read(0, 0.3)], 'attachment', 'sweep', 1);
    expect(tries.map((one) => one.readings.map((r) => r.body.seen))).toEqual([[0.1, 0.2], [0.3]]);
    expect(tries.map((one) => one.nudge)).toEqual([nudge, null]);
  });
  it('are of one way, one step and one piece', () => {
    const records = [
      read(0, 0.1),
      read(0, 0.2, { way: 'compound' }),
      read(0, 0.3, { step: 'face' }),
      nudged({ way: 'compound' }),
      nudged({ step: 'face' }),
      { ...read(0, 0.4), piece: 2 },
      read(50, 0.5),
    ];
    expect(seen(records)).toEqual([[0.1, 0.5]]);
    expect(seen(records, 'compound')).toEqual([[0.2], []]);
    expect(seen(records, 'attachment', 2)).toEqual([[0.4]]);
  });
  it('are without what was taken back', () => {
    const [first, nudge] = [read(0, 0.1), nudged()];
    const back = kept({ kind: 'withdrawn', record: nudge.id });
    expect(seen([first, nudge, read(0, 0.2)])).toEqual([[0.1], [0.2]]);
    expect(seen([first, nudge, back, read(0, 0.2)])).toEqual([[0.1, 0.2]]);
  });
});

describe('the readings a setting is judged by', () => {
  it('are the last at each place, from one end to the other', () => {
    const [current] = triesOf(
      [read(75, 0.7), read(0, 0.1), read(25, 0.3), read(75, 0.8)],
      'attachment',
      'sweep',
      1,
    );
    expect(lastReadings(current!)).toEqual([
      { at: 0, seen: 0.1 },
      { at: 25, seen: 0.3 },
      { at: 75, seen: 0.8 },
    ]);
  });
});
