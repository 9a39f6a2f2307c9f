import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { batchSeries } from './batch';
import type { KeptRecord } from './records/row';

let made = 0;
const sized = (piece: number, seen: number, what = 'Collar, diameter'): KeptRecord => ({
  id: `b${++made}`,
  jobId: 'j',
  piece,
  at: '2026-11-20T09:00:00Z',
  operator: 'RK',
  feature: 'collar',
  body: { kind: 'sized', what, seen, low: 39.9, high: 40, typed: '' },
});

describe('a batch', () => {
  it('has each figure by piece, the last reading of each, and whether it is inside', () => {
    const [one, ...rest] = batchSeries([sized(1, 39.95), sized(2, 40.2), sized(2, 40.02), sized(3, 39.9)], 5);
    expect(rest).toEqual([]);
    expect(one).toMatchObject({ what: 'Collar, diameter', feature: 'collar', low: 39.9, high: 40 });
    expect(one!.points).toEqual([
      { piece: 1, seen: 39.95, inside: true },
      { piece: 2, seen: 40.02, inside: false },
      { piece: 3, seen: 39.9, inside: true },
    ]);
  });
  it('a steady drift is said with when it goes out and what to change', () => {
    const at = (n: number): number => 39.92 + 0.012 * n;
    const [one] = batchSeries(
      [1, 2, 3, 4].map((n) => sized(n, at(n))),
      12,
    );
    expect(one!.drift!.perPiece).toBeCloseTo(0.012, 9);
    expect(one!.drift!.outAt).toBe(7);
    expect(at(6)).toBeLessThanOrEqual(40);
    expect(at(7)).toBeGreaterThan(40);
    expect(one!.drift!.change).toBeCloseTo(39.95 - at(5), 9);
    expect(
      batchSeries(
        [1, 2, 3, 4].map((n) => sized(n, at(n))),
        6,
      )[0]!.drift!.outAt,
    ).toBeNull();
  });
  it('what is out already goes out with the next piece, not with one that is made', () => {
    const [one] = batchSeries(
      [1, 2, 3, 4].map((n) => sized(n, 39.99 + 0.012 * n)),
      12,
    );
    expect(one!.points.at(-1)!.inside).toBe(false);
    expect(one!.drift!.outAt).toBe(5);
  });
  it('of hardness has its figures, in what they are, and no drift: no next cut changes it', () => {
    const hard = (piece: number, seen: number, unit?: 'HRC'): KeptRecord => ({
      ...sized(piece, seen),
      body: {
        kind: 'sized',
        what: 'Hardness, HRC',
        seen,
        low: 56,
        high: 60,
        ...(unit ? { unit } : {}),
        typed: '',
      },
    });
    const at = [1, 2, 3, 4].map((n) => 57 + 0.5 * n);
    const [one] = batchSeries(
      at.map((seen, i) => hard(i + 1, seen, 'HRC')),
      12,
    );
    expect(one).toMatchObject({ unit: 'HRC', drift: null });
    expect(one!.points.map((p) => p.inside)).toEqual([true, true, true, true]);
    expect(
      batchSeries(
        at.map((seen, i) => hard(i + 1, seen)),
        12,
      )[0]!.unit,
    ).toBe('HRC');
    expect(
      batchSeries(
        at.map((_, i) => sized(i + 1, 39.9 + 0.01 * i)),
        12,
      )[0],
    ).toMatchObject({ unit: undefined });
    expect(
      batchSeries(
        at.map((_, i) => sized(i + 1, 39.9 + 0.01 * i)),
        12,
      )[0]!.drift,
    ).not.toBeNull();
  });
  it('two pieces, or pieces that only scatter, have none', () => {
    expect(batchSeries([sized(1, 39.9), sized(2, 39.95)], 5)[0]!.drift).toBeNull();
    expect(
      batchSeries([sized(1, 39.95), sized(2, 39.93), sized(3, 39.96), sized(4, 39.94)], 5)[0]!.drift,
    ).toBeNull();
  });
  it('calls scatter a drift seldom', () => {
    let said = 0;
    const runs = 300;
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -0.02, max: 0.02, noNaN: true }), { minLength: 6, maxLength: 6 }),
        (off) => {
          const [one] = batchSeries(
            off.map((d, i) => sized(i + 1, 39.95 + d)),
            8,
          );
          if (one!.drift) said++;
        },
      ),
      { numRuns: runs, seed: 11 },
    );
    expect(said / runs).toBeLessThan(0.12);
  });
  it('a stand-off counts for its own taper; one from before shapes had names for the first', () => {
    const off = (feature: string | undefined, seen: number): KeptRecord => ({
      ...sized(1, 0),
      feature,
      body: { kind: 'stand-off', seen, halfAngle: 0.025, diameterLeft: 0, typed: '' },
    });
    const tapers = [
      { feature: 'shank', name: 'Shank', standOff: 0.25 },
      { feature: 'seat', name: 'Seat', standOff: 0.1 },
    ];
    const found = batchSeries([off(undefined, 0.1), off('seat', -0.2)], 3, tapers);
    expect(found.map((s) => [s.what, s.high, s.points[0]!.inside])).toEqual([
      ['Shank, stand-off', 0.25, true],
      ['Seat, stand-off', 0.1, false],
    ]);
  });
});
