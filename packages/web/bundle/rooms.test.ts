import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sharedBy } from './rooms';

const ROOMS = ['job', 'set', 'part', 'steps', 'curve', 'eccentric', 'rack', 'tapers', 'log', 'old-part'];
const ALL = [...ROOMS, 'shop', 'practice', 'app/', 'files/paper/', 'files/write/toPdf.ts'];
const some = fc.uniqueArray(fc.constantFrom(...ALL), { minLength: 1 });
const of = (...rooms: string[]) => sharedBy(new Set(rooms));

describe('the files the house is sent in', () => {
  it.each([
    [['steps'], 'steps'],
    [['steps', 'curve'], 'steps-and-more'],
    [['job', 'steps', 'set'], 'job'],
    [['job', 'log', 'shop'], 'job-tapers'],
    [['part', 'log', 'shop'], 'part-log-and-more'],
    [['rack', 'shop'], 'rack-and-more'],
    [['files/paper/', 'steps'], 'steps'],
    // What the job's frame does not need is not told apart by the places.
    [['set', 'rack'], 'set-practice'],
    [['part', 'set', 'tapers', 'log'], 'set-and-more-practice'],
    [['files/write/toPdf.ts'], 'toPdf'],
    [['files/paper/', 'app/'], 'app-paper'],
  ] as const)('what %j need is in %s', (rooms, name) => {
    expect(of(...rooms).name).toBe(name);
  });
  it('what is needed by more is named before what needs it, so that no file takes along what another needs too', () => {
    fc.assert(
      fc.property(some, some, (rooms, more) => {
        const needs = of(...rooms);
        const needed = of(...rooms, ...more);
        if (needs.name !== needed.name) expect(needed.rank).toBeGreaterThan(needs.rank);
      }),
      { numRuns: 10_000 },
    );
  });
});
