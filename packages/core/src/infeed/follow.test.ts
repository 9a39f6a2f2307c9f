import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NO_JUMP, type Jump, type Tool } from './behaviours/behaviour';
import { misread, misset } from './behaviours/slips';
import { afterCut, afterMeasuring, type Standing } from './follow';
import { PLAIN_TOOL } from './tool.testdata';

const AT: Standing = { stock: 0.2, edge: 0.19, stockVariance: 4e-6, edgeVariance: 9e-6, covariance: 3e-6 };
const at = (over: Partial<Tool>, infeed: number, jump: Jump = NO_JUMP[0]!, passes = 0) =>
  afterCut({ ...PLAIN_TOOL, ...over }, AT, infeed, jump, passes);

describe('where surface and edge stand after a pass, worked out by hand', () => {
  it('is as the part that is cut at once has it, with everything that wanders', () => {
    const [gain, infeed] = [0.8, 0.1];
    const said = at({ gain }, infeed);
    const depth = 0.2 - 0.19 + infeed;
    const edgeVariance = 9e-6 + 0.0004 ** 2 + (0.0045 * infeed) ** 2;
    expect(said.stock).toBeCloseTo(0.2 - gain * depth, 12);
    expect(said.edge).toBeCloseTo(0.19 - infeed, 12);
    expect(said.edgeVariance).toBeCloseTo(edgeVariance, 14);
    expect(said.covariance).toBeCloseTo(0.2 * 3e-6 + gain * edgeVariance, 14);
    expect(said.stockVariance).toBeCloseTo(
      0.04 * 4e-6 +
        2 * 0.2 * gain * 3e-6 +
        gain ** 2 * edgeVariance +
        PLAIN_TOOL.scatter ** 2 +
        (0.014 * depth) ** 2,
      14,
    );
  });
  it('a tool that does not reach leaves the surface as it was', () => {
    const said = at({}, -0.05);
    expect(said).toMatchObject({ stock: 0.2, stockVariance: 4e-6, covariance: 3e-6 });
    expect(said.edge).toBeCloseTo(0.24, 12);
  });
  it('a dial that moves twice what it says feeds the edge twice as far', () => {
    expect(at({ dial: 2 }, 0.05).edge).toBeCloseTo(at({}, 0.1).edge, 12);
    expect(at({ dial: 2 }, 0.05).stock).toBeCloseTo(at({}, 0.1).stock, 12);
  });
  it('wear takes the edge back, more at each pass', () => {
    const back = (passes: number) => at({ wear: 0.004 }, 0.1, NO_JUMP[0]!, passes).edge - at({}, 0.1).edge;
    expect(back(0)).toBeCloseTo(0.004, 12);
    expect(back(2)).toBeCloseTo(0.006, 12);
  });
  it('a jump that is gone with its pass cuts by it and leaves the edge where it was', () => {
    const jump = { chance: 1, by: 0.01, spread: 0, stays: false, misread: 0 };
    expect(at({}, 0.1, jump).stock).toBeCloseTo(at({}, 0.09).stock, 12);
    expect(at({}, 0.1, jump).edge).toBeCloseTo(at({}, 0.1).edge, 12);
    expect(at({}, 0.1, { ...jump, stays: true }).edge).toBeCloseTo(at({}, 0.09).edge, 12);
  });
  it('a measurement is weighed by how sure each is, and never makes anything less sure', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 0.3, noNaN: true }),
        fc.double({ min: 1e-7, max: 1e-4, noNaN: true }),
        (seen, noise) => {
          const said = afterMeasuring(AT, seen, noise);
          const part = AT.stockVariance / (AT.stockVariance + noise);
          expect(said.stock).toBeCloseTo((1 - part) * AT.stock + part * seen, 12);
          expect(said.stockVariance).toBeCloseTo(1 / (1 / AT.stockVariance + 1 / noise), 14);
          expect(said.edgeVariance).toBeLessThanOrEqual(AT.edgeVariance);
          expect(said.covariance ** 2).toBeLessThanOrEqual(
            said.stockVariance * said.edgeVariance * (1 + 1e-9),
          );
        },
      ),
      { seed: 3, numRuns: 60 },
    );
  });
});

describe('slips of hand and eye', () => {
  it('are of one division of the dial, either way, and stay; their chances add to one', () => {
    for (const { jumps } of misset.tools(0.005)) {
      expect(jumps.map(({ by }) => by)).toEqual([0, -0.005, 0.005]);
      expect(jumps.every(({ stays }) => stays)).toBe(true);
      expect(jumps.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 12);
    }
  });
  it('of the eye are as wide as two divisions, and move nothing', () => {
    for (const { jumps } of misread.tools(0.005)) {
      expect(jumps.map(({ misread: wide }) => wide)).toEqual([0, 0.01]);
      expect(jumps.every(({ by, spread }) => by === 0 && spread === 0)).toBe(true);
      expect(jumps.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 12);
    }
  });
});
