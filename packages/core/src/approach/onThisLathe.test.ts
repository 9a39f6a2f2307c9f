import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RecordBody } from '../job/records/registry';
import type { KeptRecord } from '../job/records/row';
import { cutState } from './cutState';
import { diameterOnLathe, hardnessSeen, passFrom, sizeOnLathe } from './onThisLathe';

const impossible = expect.objectContaining({ code: 'impossible', field: 'dialTo' });
const tooLarge = expect.objectContaining({ code: 'out-of-range', field: 'seen' });

describe('a figure on the dial', () => {
  const STAND = { now: 30, dial: 4, touch: 4 };
  const outside = { member: 'external', reads: 'radius', swing: 330 } as const;
  it('is a depth from where the dial stood, as the dial reads', () => {
    expect(passFrom(STAND, 4.5, outside).depth).toBeCloseTo(0.5, 12);
    expect(passFrom(STAND, 4.5, { ...outside, reads: 'diameter' }).depth).toBeCloseTo(0.25, 12);
    expect(passFrom(STAND, 3, outside).depth).toBe(-1);
  });
  it('stops short of the axis outside, and of the bed either way', () => {
    expect(passFrom(STAND, 18.99, outside).depth).toBeCloseTo(14.99, 9);
    for (const dialTo of [19, 20, 1e9]) expect(() => passFrom(STAND, dialTo, outside)).toThrow(impossible);
    expect(passFrom(STAND, -146, outside).depth).toBe(-150);
    expect(() => passFrom(STAND, -146.01, outside)).toThrow(/further out than this lathe swings/);
    const bore = { ...outside, member: 'internal' } as const;
    expect(passFrom(STAND, 154, bore).depth).toBe(150);
    expect(() => passFrom(STAND, 154.01, bore)).toThrow(/swings/);
    expect(() => passFrom(STAND, -11, bore)).toThrow(/past the axis/);
    expect(() => passFrom(STAND, Number.NaN, bore)).toThrow(expect.objectContaining({ code: 'not-finite' }));
  });
  it('is held to where the tool touches, not to where it was drawn back to', () => {
    const back = { now: 30, dial: -20, touch: 4 };
    expect(passFrom(back, 18, outside).depth).toBe(38);
    expect(() => passFrom(back, 19, outside)).toThrow(impossible);
  });
  it('of a lathe whose swing is not on record is held to the axis alone', () => {
    const { swing: _, ...unknown } = outside;
    expect(passFrom(STAND, -5000, unknown).depth).toBe(-5004);
    expect(() => passFrom(STAND, 19, unknown)).toThrow(/past the axis/);
  });
});

describe('a measured size', () => {
  it('is no larger than the lathe takes, and more than nothing', () => {
    const lathe = { swing: 330, centreDistance: 600 };
    expect([sizeOnLathe(600, lathe), diameterOnLathe(330, lathe)]).toEqual([600, 330]);
    expect(sizeOnLathe(330, { swing: 330, centreDistance: 200 })).toBe(330);
    expect(() => sizeOnLathe(600.1, lathe)).toThrow(tooLarge);
    expect(() => diameterOnLathe(330.1, lathe)).toThrow(tooLarge);
    for (const none of [0, -1]) {
      expect(() => sizeOnLathe(none, lathe)).toThrow(tooLarge);
      expect(() => diameterOnLathe(none, lathe)).toThrow(tooLarge);
    }
    expect(diameterOnLathe(5000, {})).toBe(5000);
  });
});

describe('a hardness', () => {
  it('is more than nothing, and no harder than the scale is long', () => {
    expect([hardnessSeen(70), hardnessSeen(20)]).toEqual([70, 20]);
    for (const seen of [70.1, 1e9, 0, -5]) expect(() => hardnessSeen(seen)).toThrow(tooLarge);
  });
});

describe('a tool drawn back', () => {
  let made = 0;
  const keep = (body: RecordBody): KeptRecord => ({
    id: `b${++made}`,
    jobId: 'j',
    piece: 1,
    at: '2026-11-20T09:00:00Z',
    operator: 'RK',
    body,
  });
  /** Passes by a radius dial that ended at these figures, one after the other. */
  const passes = (...to: number[]): KeptRecord[] =>
    to.map((dialTo, i) => {
      const dialFrom = to[i - 1] ?? 0;
      return keep({ kind: 'pass', dialFrom, dialTo, planned: null, depth: dialTo - dialFrom, typed: '' });
    });
  const stand = (...records: KeptRecord[]) => cutState(records, 1, 30, 'external');

  it('puts no metal back on, and touches where it touched', () => {
    expect(stand(...passes(1, 0.2))).toMatchObject({ now: 28, dial: 0.2, touch: 1 });
    expect(stand(...passes(1, 0.2, 0.8))).toMatchObject({ now: 28, dial: 0.8, touch: 1 });
    expect(stand(...passes(1, 0.2, 1.5))).toMatchObject({ now: 27, dial: 1.5, touch: 1.5 });
  });
  it('and measured there, touches as far in as before', () => {
    const seen = keep({ kind: 'measured', diameter: 28.1, expected: 28, dialAt: 0.2, typed: '' });
    const now = stand(...passes(1, 0.2), seen);
    expect(now).toMatchObject({ now: 28.1, dial: 0.2, touch: 1, measured: 1 });
    const [, , on] = passes(1, 0.2, 1.4);
    expect(stand(...passes(1, 0.2), seen, on!).now).toBeCloseTo(28.1 - 0.8, 9);
  });
  it('wherever the dial went, what is left is by the furthest it was in', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 140 }), { minLength: 1, maxLength: 8 }), (tenths) => {
        const dials = tenths.map((t) => t / 10);
        const now = stand(...passes(...dials));
        const furthest = Math.max(0, ...dials);
        expect(now.now).toBeCloseTo(30 - 2 * furthest, 6);
        expect(now.touch).toBeCloseTo(furthest, 6);
      }),
    );
  });
});
