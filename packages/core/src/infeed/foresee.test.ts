import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Tool } from './behaviours/behaviour';
import { steady } from './behaviours/steady';
import { Foresight } from './foresee';
import type { Standing } from './follow';
import { logOfAnything } from './misfit';
import { PLAIN_TOOL } from './tool.testdata';

const see = (tool: Tool, at: Standing): Foresight =>
  new Foresight([{ behaviour: steady, beliefs: [{ tool, at, weight: 1 }], weight: 1, standing: 1 }], 0);
/** Chance that a normal figure lies below x, by Simpson's rule over its density. */
function normal(x: number): number {
  const [n, low] = [4000, -9];
  const h = (Math.min(x, 9) - low) / n;
  const density = (t: number) => Math.exp((-t * t) / 2) / Math.sqrt(2 * Math.PI);
  let sum = density(low) + density(low + n * h);
  for (let i = 1; i < n; i++) sum += (i % 2 ? 4 : 2) * density(low + i * h);
  return (sum * h) / 3;
}

describe('what one tool would do, worked out by hand', () => {
  const at: Standing = { stock: 0.1, edge: 0.09, stockVariance: 1e-6, edgeVariance: 2e-6, covariance: 5e-7 };
  /** Mean and variance of (1 − g) stock + g edge after the edge is fed in, with what wanders at a move and at a cut. */
  function byHand({ gain, dial, scatter }: Tool, infeed: number): { left: number; deviation: number } {
    const moved = infeed * dial;
    const depth = at.stock - at.edge + moved;
    const edgeVariance = at.edgeVariance + 0.0004 ** 2;
    const variance =
      (1 - gain) ** 2 * at.stockVariance +
      2 * (1 - gain) * gain * at.covariance +
      gain ** 2 * edgeVariance +
      scatter ** 2 +
      (gain * 0.0045 * moved) ** 2 +
      (0.014 * depth) ** 2;
    return { left: at.stock - gain * depth, deviation: Math.sqrt(variance) };
  }
  it('is left, and goes past, as often as that says', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 1, noNaN: true }),
        fc.double({ min: 0.01, max: 0.2, noNaN: true }),
        fc.constantFrom(0.5, 1, 2),
        (gain, infeed, dial) => {
          const tool = { ...PLAIN_TOOL, gain, dial };
          const { left, deviation } = byHand(tool, infeed);
          const seen = see(tool, at);
          expect(seen.landing(infeed).left).toBeCloseTo(left, 12);
          expect(seen.chanceOfPast(infeed).believed).toBeCloseTo(normal(-left / deviation), 5);
          const inside = normal((0.02 - left) / deviation) - normal(-left / deviation);
          expect(seen.landing(infeed).inside(0.02)).toBeCloseTo(inside, 5);
        },
      ),
      { numRuns: 60, seed: 11 },
    );
  });
  it('widens with the dial’s own wandering, though the depth be the same', () => {
    // The same depth fed from far off wanders more on the dial than one cut from where the edge stands.
    const near = see({ ...PLAIN_TOOL, gain: 1 }, { ...at, edge: 0.0, stock: 0.1 });
    const far = see({ ...PLAIN_TOOL, gain: 1 }, { ...at, edge: 1.0, stock: 0.1 });
    const width = (seen: Foresight, fed: number) =>
      seen.landing(fed).quantile(0.95) - seen.landing(fed).quantile(0.05);
    expect(width(far, 1.0)).toBeGreaterThan(1.5 * width(near, 0));
  });
  it('leaves the surface where the edge does not reach', () => {
    const lands = see(PLAIN_TOOL, { ...at, edge: 0.2 }).landing(0.05);
    expect(lands.left).toBe(0.1);
    expect(lands.under(0.1)).toBeCloseTo(0.5, 6);
  });
  it('lies between its quantiles as often as they say', () => {
    const { left, deviation } = byHand(PLAIN_TOOL, 0.05);
    const lands = see(PLAIN_TOOL, at).landing(0.05);
    expect(lands.quantile(0.95)).toBeCloseTo(left + 1.6449 * deviation, 5);
    expect(lands.quantile(0.05)).toBeCloseTo(left - 1.6449 * deviation, 5);
  });
  it('is told from two behaviours by how much each is believed', () => {
    const two = (a: number, b: number): Foresight =>
      new Foresight(
        [
          { behaviour: steady, beliefs: [{ tool: PLAIN_TOOL, at, weight: 1 }], weight: a, standing: 1 },
          {
            behaviour: steady,
            beliefs: [{ tool: { ...PLAIN_TOOL, gain: 0.5 }, at, weight: 1 }],
            weight: b,
            standing: 1,
          },
        ],
        0,
      );
    const [first, second] = [two(1, 0), two(0, 1)].map((seen) => seen.landing(0.05));
    const both = two(0.3, 0.1).landing(0.05);
    expect(both.left).toBeCloseTo(0.75 * first!.left + 0.25 * second!.left, 12);
    const level = both.quantile(0.4);
    expect(0.75 * first!.under(level) + 0.25 * second!.under(level)).toBeCloseTo(0.4, 4);
  });
});

describe('a pass that nothing explains', () => {
  const byHand = (removed: number, fed: number, width: number): number =>
    -Math.log(Math.PI * width * (1 + ((removed - 0.75 * fed) / width) ** 2));
  it('may take anything about three quarters of what was fed', () => {
    expect(logOfAnything(0.03, 0.04, 0.001)).toBeCloseTo(byHand(0.03, 0.04, 0.02), 12);
    expect(logOfAnything(-0.03, 0.04, 0.001)).toBeCloseTo(byHand(-0.03, 0.04, 0.02), 12);
    expect(logOfAnything(0, 0.002, 0.002)).toBeCloseTo(byHand(0, 0.002, 0.008), 12);
    expect(logOfAnything(0, 0.002, 0.0001)).toBeCloseTo(byHand(0, 0.002, 0.004), 12);
  });
  it('is about nothing where the tool was drawn back', () => {
    expect(logOfAnything(0.002, -0.02, 0.001)).toBe(logOfAnything(0.002, 0, 0.001));
  });
});
