import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { straightestStretch } from '.';

const AT = Array.from({ length: 400 }, (_, i) => i / 2);
/** Worn hollow between two places, as deep as is said in its middle. */
const worn = (from: number, to: number, deep: number) => ({
  travel: AT,
  reading: AT.map((at) => {
    const u = (at - from) / (to - from);
    return 0.02 * at - (u > 0 && u < 1 ? deep * 4 * u * (1 - u) : 0);
  }),
  expectedSlope: 0.02,
});

describe('where a worn bar is still straight', () => {
  it('is beside the hollow, wherever that is, if there is room', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 130, noNaN: true }), (from) => {
        const room = Math.max(from, 199.5 - (from + 60));
        const found = straightestStretch(worn(from, from + 60, 0.04), 60);
        fc.pre(room > 66);
        expect(found.off).toBeLessThan(0.003);
        expect(found.to <= from + 4 || found.from >= from + 56).toBe(true);
        expect(found.to - found.from).toBeCloseTo(60, 9);
      }),
      { numRuns: 40 },
    );
  });
  it('strays as far as the hollow where it has to lie over it', () => {
    // Of an arc over its whole length a straight line leaves two thirds of its height at the ends.
    expect(straightestStretch(worn(0, 199.5, 0.03), 199.5).off).toBeGreaterThan(0.018);
  });
  it('does not take a chip or the scatter for the bar’s own way', () => {
    const { travel, reading } = worn(10, 11, 0);
    const shaken = reading.map((one, i) => one + 0.001 * Math.sin(997 * i) + (i === 200 ? 0.08 : 0));
    expect(straightestStretch({ travel, reading: shaken, expectedSlope: 0.02 }, 150).off).toBeLessThan(
      0.0012,
    );
  });
  it('is refused where the sweep is shorter', () => {
    expect(() => straightestStretch(worn(0, 10, 0.01), 250)).toThrow('shorter');
    expect(() => straightestStretch(worn(0, 10, 0.01), 0)).toThrow('more than zero');
  });
  it('is not taken for straight because it was read at few places', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 120 }), (many) => {
        const travel = Array.from({ length: many }, (_, i) => (120 * i) / (many - 1));
        // It stands 0.1 high in the middle of 120: along 80 of that a straight line leaves a third of 0.044 in the middle, twice that at the ends.
        const reading = travel.map((at) => (0.4 * at * (120 - at)) / 120 ** 2);
        const { off } = straightestStretch({ travel, reading, expectedSlope: 0 }, 80);
        expect(off).toBeGreaterThan(0.008);
        expect(off).toBeLessThan(0.05);
      }),
    );
  });
  it('is refused where it holds too few readings, and never without an end', () => {
    const travel = Array.from({ length: 9 }, (_, i) => 20 * i);
    const sparse = { travel, reading: travel.map(() => 0), expectedSlope: 0 };
    expect(() => straightestStretch(sparse, 50)).toThrow(
      expect.objectContaining({ code: 'underdetermined' }),
    );
    expect(straightestStretch(sparse, 62).off).toBe(0);
  });
});
