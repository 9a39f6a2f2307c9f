import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RecordBody } from '../job/records/registry';
import type { KeptRecord } from '../job/records/row';
import { diameterMove, type DiameterRequest } from './diameterMove';

let made = 0;
const keep = (body: RecordBody, piece = 1): KeptRecord => ({
  id: `m${++made}`,
  jobId: 'j',
  piece,
  at: '2026-11-20T09:00:00Z',
  operator: 'RK',
  body,
});
const measured = (diameter: number, piece = 1): KeptRecord =>
  keep({ kind: 'measured', diameter, expected: null, dialAt: 0, typed: '' }, piece);
const pass = (dialFrom: number, dialTo: number, depth: number): KeptRecord =>
  keep({ kind: 'pass', dialFrom, dialTo, planned: dialTo, depth, typed: '' });

const COLLAR: DiameterRequest = {
  member: 'external',
  from: 42,
  least: 39.9,
  most: 40,
  roughDepth: 0.75,
  dial: { division: 0.05, reads: 'diameter' },
};
const BORE: DiameterRequest = {
  member: 'internal',
  from: 19.5,
  least: 20,
  most: 20.021,
  roughDepth: 0.5,
  dial: { division: 0.02, reads: 'radius' },
};

describe('what to do next with a plain diameter', () => {
  it('is roughing by the dial while more than the last stock is on', () => {
    const { move } = diameterMove([], 1, COLLAR);
    expect(move).toMatchObject({ kind: 'cut', learned: false, chance: null });
    if (move.kind === 'cut') expect(move.dialTo).toBeLessThanOrEqual(1.5);
  });
  it('is measuring near the size: at once where little is on, and again after every cut', () => {
    expect(diameterMove([], 1, BORE).move.kind).toBe('measure');
    expect(diameterMove([measured(19.6), pass(0, 0.2, 0.2)], 1, BORE).move.kind).toBe('measure');
  });
  it('is nothing more inside its limits, their ends included, and past them there is no cut', () => {
    const at = (request: DiameterRequest, diameter: number) =>
      diameterMove([measured(diameter)], 1, request).move.kind;
    expect([at(COLLAR, 39.9), at(COLLAR, 40), at(COLLAR, 39.89)]).toEqual(['done', 'done', 'past']);
    expect([at(BORE, 20), at(BORE, 20.021), at(BORE, 20.03)]).toEqual(['done', 'done', 'past']);
  });
  it('knows nothing of another piece', () => {
    expect(diameterMove([measured(39.95, 2)], 1, COLLAR).measured).toBeNull();
  });
  it('a cut held to the roughing depth leaves what it does not take', () => {
    const { move } = diameterMove([measured(40.5)], 1, { ...COLLAR, roughDepth: 0.1 });
    expect(move).toMatchObject({ kind: 'cut', depth: 0.1, learned: true });
    if (move.kind === 'cut') expect(move.leaves).toBeGreaterThan(0.2);
  });
  it('followed on a good tool, comes to its size and never past it, outside and inside, on either dial', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(COLLAR, BORE),
        fc.constantFrom('diameter' as const, 'radius' as const),
        fc.double({ min: 0.93, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (base, reads, takes, more) => {
          const sign = base.member === 'external' ? 1 : -1;
          const from = base.from + sign * more;
          const request = { ...base, from, dial: { division: 0.005, reads }, uncertainty: 0.004 };
          const records: KeptRecord[] = [];
          let [now, dial] = [from, 0];
          for (let i = 0; i < 60; i++) {
            const { move } = diameterMove(records, 1, request);
            if (move.kind === 'measure') {
              const before = records.length;
              if (records.at(-1)?.body.kind === 'measured') break;
              records.push(measured(now));
              expect(records.length).toBe(before + 1);
              continue;
            }
            if (move.kind !== 'cut') break;
            now -= sign * 2 * move.depth * takes;
            records.push(pass(dial, move.dialTo, move.depth));
            dial = move.dialTo;
          }
          const far = base.member === 'external' ? base.least : base.most;
          expect(sign * (now - far)).toBeGreaterThan(-1e-9);
          expect(sign * (now - far)).toBeLessThan(0.6);
        },
      ),
      { numRuns: 40 },
    );
  });
});
