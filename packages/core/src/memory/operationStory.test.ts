import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { KeptRecord, RecordBody } from '../job';
import { operationStory } from '.';
import { keptAt as kept } from './kept.testdata';

const of = (operation: string, piece = 1): Partial<KeptRecord> => ({ operation, piece });
const done = (minutes?: number): RecordBody => ({
  kind: 'worked',
  said: 'Thread M20',
  ...(minutes === undefined ? {} : { alike: 'thread external 20 x 1.5', minutes }),
});
const sized = (seen: number): RecordBody => ({
  kind: 'sized',
  what: 'Over wires',
  seen,
  low: 20,
  high: 20.1,
  typed: '',
});

describe('how an operation went', () => {
  it('has its pieces, passes, sizes and notes, and the minutes that led up to what was kept of it', () => {
    const story = operationStory(
      [
        kept(0, done(5), of('face')),
        kept(9, sized(20.2), of('thread')),
        kept(12, { kind: 'note', text: 'Wires slipped' }, of('thread')),
        kept(14, sized(20.05), of('thread')),
        kept(15, done(12), of('thread')),
        kept(20, done(5), of('face', 2)),
        // A long pause is nobody's.
        kept(120, { kind: 'note', text: 'Tool ground anew' }, of('thread', 2)),
        kept(131, done(12), { ...of('thread', 2), operator: 'MT' }),
      ],
      'thread',
    );
    expect(story).toEqual({
      to: '2026-11-20T10:11:00.000Z',
      operator: 'MT',
      pieces: 2,
      passes: 0,
      inside: 1,
      outside: 1,
      notes: ['Tool ground anew', 'Wires slipped'],
      minutes: 15 + 11,
      planned: 24,
    });
  });
  it('is none where it was never done, or that was taken back', () => {
    const row = kept(3, done(12), of('thread'));
    const back = kept(4, { kind: 'withdrawn', record: row.id }, of('thread'));
    expect(operationStory([kept(1, sized(20.05), of('thread'))], 'thread')).toBeNull();
    expect(operationStory([row, back], 'thread')).toBeNull();
  });
  it('says nothing of the plan where an older row has none of it', () => {
    expect(operationStory([kept(1, done(), of('thread'))], 'thread')).toMatchObject({
      pieces: 1,
      planned: null,
    });
  });
  it('of all operations of a job spends no more minutes than the job took', () => {
    const rows = fc.array(fc.tuple(fc.nat(600), fc.constantFrom('a', 'b', 'c')), {
      minLength: 1,
      maxLength: 30,
    });
    fc.assert(
      fc.property(rows, (given) => {
        const records = given
          .sort(([a], [b]) => a - b)
          .map(([minute, operation]) => kept(minute, done(1), of(operation)));
        const spent = ['a', 'b', 'c'].map((id) => operationStory(records, id)?.minutes ?? 0);
        const [first, last] = [given[0]![0], given.at(-1)![0]];
        expect(spent.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(last - first + 1e-9);
      }),
    );
  });
});
