import { describe, expect, it } from 'vitest';
import type { LogRow } from '@anello/contract';
import { KINDS, placeOf } from './kinds';

const row = (record: object): Pick<LogRow, 'record'> =>
  ({ record: { jobId: 'j-1', piece: 1, ...record } }) as unknown as Pick<LogRow, 'record'>;

describe('where a row of the logbook leads', () => {
  it.each([
    [{ operation: 'turn-b', feature: 'b', body: { kind: 'pass' } }, '/job/j-1/work/turn-b'],
    [{ operation: 'taper-c', feature: 'c', body: { kind: 'pass' } }, '/job/j-1/cut/c'],
    [{ operation: 'taper-c', feature: 'c', body: { kind: 'reading' } }, '/job/j-1/set/c'],
    [{ feature: 'c', body: { kind: 'stand-off' } }, '/job/j-1/prove/c'],
    [{ body: { kind: 'nudge' } }, '/job/j-1/set'],
    [{ body: { kind: 'note' } }, '/job/j-1/record'],
    [{ operation: 'curve-p', feature: 'p', body: { kind: 'verdict' } }, '/job/j-1/record'],
  ])('%o', (record, place) => {
    expect(placeOf(row(record))).toBe(place);
  });
});

it('kinds are looked for in the order of the work, and by their names', () => {
  const titles = KINDS.map((one) => one.title);
  expect(titles.slice(0, 2)).toEqual(['Nudges', 'Readings of a setting']);
  expect(titles.indexOf('Sweeps')).toBeLessThan(titles.indexOf('Passes'));
  expect(titles.indexOf('Passes')).toBeLessThan(titles.indexOf('Marks of blue'));
  expect(titles.indexOf('What a hand felt')).toBeLessThan(titles.indexOf('Curves measured'));
  expect(titles.at(-1)).toBe('Work dialled in');
});
