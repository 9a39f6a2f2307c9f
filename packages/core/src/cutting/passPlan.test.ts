import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { passPlan, type PassRequest } from './passPlan';

const base: PassRequest = {
  member: 'external',
  now: 25,
  finish: 19.759,
  allowance: 0.1,
  lastStock: 0.6,
  roughDepth: 0.75,
  division: 0.05,
  reads: 'diameter',
  dialNow: 0,
};

describe('passes from stock to finish', () => {
  it('roughs evenly, then takes the last stock in three equal cuts, and keeps the allowance', () => {
    const plan = passPlan(base);
    expect(plan.filter((p) => p.kind === 'last')).toHaveLength(3);
    const rough = plan.filter((p) => p.kind === 'rough');
    expect(rough).toHaveLength(3);
    for (const { depth } of rough) expect(Math.abs(depth - 2.27 / 3)).toBeLessThan(0.025);
    const last = plan.at(-1)!;
    expect(last.leaves).toBeGreaterThanOrEqual(0.1);
    expect(last.leaves).toBeLessThan(0.1 + 0.05 + 1e-9);
  });

  it('a radius dial reads half of a diameter dial for the same cut', () => {
    const radius = passPlan({ ...base, reads: 'radius', division: 0.025 });
    const diameter = passPlan({ ...base, reads: 'diameter', division: 0.05 });
    expect(radius.at(-1)!.dialTo * 2).toBeCloseTo(diameter.at(-1)!.dialTo, 9);
    expect(radius.at(-1)!.diameterAfter).toBeCloseTo(diameter.at(-1)!.diameterAfter, 9);
  });

  it('a bore grows, and starts from the mouth', () => {
    const plan = passPlan({ ...base, member: 'internal', now: 30, finish: 38 });
    expect(plan.at(-1)!.diameterAfter).toBeLessThanOrEqual(38 - 0.1 + 1e-9);
    expect(plan[0]!.diameterAfter).toBeGreaterThan(30);
  });

  it('never goes past, whatever the dial, and never deeper than the roughing cut', () => {
    fc.assert(
      fc.property(
        fc.record({
          stock: fc.double({ min: 0, max: 20, noNaN: true }),
          allowance: fc.double({ min: 0, max: 0.5, noNaN: true }),
          roughDepth: fc.double({ min: 0.1, max: 2, noNaN: true }),
          division: fc.constantFrom(0.01, 0.02, 0.05, 0.0254),
          reads: fc.constantFrom('radius' as const, 'diameter' as const),
          turns: fc.integer({ min: 0, max: 50 }),
        }),
        ({ stock, turns, ...rest }) => {
          const plan = passPlan({
            ...base,
            ...rest,
            now: 20 + stock,
            finish: 20,
            dialNow: turns * rest.division,
          });
          for (const pass of plan) {
            expect(pass.leaves).toBeGreaterThanOrEqual(Math.min(rest.allowance, stock) - 1e-9);
            const last = 0.1 + (rest.reads === 'diameter' ? rest.division / 2 : rest.division);
            expect(pass.depth).toBeLessThanOrEqual((pass.kind === 'rough' ? rest.roughDepth : last) + 1e-9);
            expect(
              Math.abs(pass.dialTo / rest.division - Math.round(pass.dialTo / rest.division)),
            ).toBeLessThan(1e-6);
          }
        },
      ),
      { seed: 11 },
    );
  });

  it('planned again after every pass, it comes to the same end in as many passes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        fc.constantFrom(0.01, 0.02, 0.05),
        (stock, division) => {
          let request: PassRequest = { ...base, division, now: 20 + stock, finish: 20 };
          const first = passPlan(request);
          let taken = 0;
          for (let plan = first; plan.length > 0 && taken < 60; plan = passPlan(request)) {
            const pass = plan[0]!;
            request = { ...request, now: pass.diameterAfter, dialNow: pass.dialTo };
            taken++;
          }
          expect(Math.abs(taken - first.length)).toBeLessThanOrEqual(1);
          expect(request.now - 20).toBeGreaterThanOrEqual(Math.min(base.allowance, stock) - 1e-9);
          expect(request.now - 20).toBeLessThanOrEqual(Math.max(base.allowance, 0) + 2 * division + 1e-9);
        },
      ),
      { seed: 5 },
    );
  });

  it('does not plan a thousand passes for a slip of the keys', () => {
    expect(() => passPlan({ ...base, now: 1e9 })).toThrow(
      expect.objectContaining({ code: 'out-of-range', field: 'roughDepth' }),
    );
  });

  it('says when the part is already past its size', () => {
    expect(() => passPlan({ ...base, now: 19.7 })).toThrow(
      expect.objectContaining({ code: 'impossible', field: 'now' }),
    );
  });
});
