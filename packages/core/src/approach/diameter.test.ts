import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { KeptRecord } from '../job/records/row';
import type { RecordBody } from '../job/records/registry';
import { diameterAdvice, diameterApproach, type DiameterAim } from './diameter';

let made = 0;
const keep = (body: RecordBody): KeptRecord => ({
  id: `d${++made}`,
  jobId: 'j',
  piece: 1,
  at: '2026-11-20T09:00:00Z',
  operator: 'RK',
  body,
});
const measured = (diameter: number): KeptRecord =>
  keep({ kind: 'measured', diameter, expected: null, dialAt: 0, typed: '' });
const pass = (depth: number): KeptRecord =>
  keep({ kind: 'pass', dialFrom: 0, dialTo: depth, planned: null, depth, typed: '' });
const COLLAR: DiameterAim = { member: 'external', least: 39.9, most: 40 };
const BORE: DiameterAim = { member: 'internal', least: 20, most: 20.021 };

describe('a plain diameter on its way to its limits', () => {
  it('counts stock to the middle, outside and inside, and knows what each pass took', () => {
    const { stock, passes } = diameterApproach([measured(41), pass(0.4), measured(40.25)], 1, COLLAR);
    expect(stock).toBeCloseTo(0.15, 9);
    expect(passes).toEqual([{ infeed: 0.4, removed: expect.closeTo(0.375, 9) }]);
    expect(diameterApproach([measured(19.5)], 1, BORE).stock).toBeCloseTo(0.25525, 9);
  });
  it('says nothing before it was measured, and that it is there when it is', () => {
    expect(diameterAdvice(diameterApproach([pass(1)], 1, COLLAR), COLLAR, { division: 0.0125 })).toBeNull();
    const there = diameterApproach([measured(39.95)], 1, COLLAR);
    expect(diameterAdvice(there, COLLAR, { division: 0.0125 })?.advice).toBe('reached');
  });
  it('a good tool is led to its size in a few cuts', () => {
    let now = 41.2;
    const records = [measured(now)];
    for (let i = 0; i < 6; i++) {
      const said = diameterAdvice(diameterApproach(records, 1, COLLAR), COLLAR, { division: 0.0025 })!;
      if (said.move !== 'cut') break;
      now -= 2 * said.infeed * 0.97;
      records.push(pass(said.infeed), measured(now));
    }
    expect(now).toBeLessThanOrEqual(COLLAR.most);
    expect(now).toBeGreaterThanOrEqual(COLLAR.least);
  });
  it('is never fed past its limits, and called reached only when it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        fc.double({ min: 0.85, max: 1, noNaN: true }),
        fc.constantFrom(COLLAR, BORE),
        (over, takes, aim) => {
          const sign = aim.member === 'external' ? 1 : -1;
          let now = (aim.member === 'external' ? aim.most : aim.least) + sign * over;
          const records = [measured(now)];
          let reached = false;
          for (let i = 0; i < 12; i++) {
            const said = diameterAdvice(diameterApproach(records, 1, aim), aim, {
              division: 0.0025,
              uncertainty: 0.004,
            })!;
            reached = said.advice === 'reached';
            if (said.move !== 'cut') break;
            now -= sign * 2 * said.infeed * takes;
            records.push(pass(said.infeed), measured(now));
          }
          const far = aim.member === 'external' ? aim.least : aim.most;
          const near = aim.member === 'external' ? aim.most : aim.least;
          expect(sign * (now - far)).toBeGreaterThan(-1e-9);
          // What is called reached may lie over by what a reading leaves open, no more.
          if (reached) expect(sign * (now - near)).toBeLessThan(0.006);
        },
      ),
      { numRuns: 40 },
    );
  });
});
