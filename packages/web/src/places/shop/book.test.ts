import { describe, expect, it } from 'vitest';
import { ago, bytes } from './amounts';
import { outcome } from './useShopFile';

describe('amounts, as people say them', () => {
  it.each([
    [0, '0 bytes'],
    [999, '999 bytes'],
    [1000, '1.0 kB'],
    [45_210, '45.2 kB'],
    [734_000_000, '734 MB'],
    [1_200_000_000_000, '1.2 TB'],
    [9_000_000_000_000_000, '9000 TB'],
  ])('%d: %s', (count, said) => expect(bytes(count)).toBe(said));
  const NOW = new Date('2026-11-20T12:00:00Z');
  it.each([
    ['2026-11-20T11:59:00Z', 'just now'],
    ['2026-11-20T11:20:00Z', '40 minutes ago'],
    ['2026-11-20T07:00:00Z', '5 hours ago'],
    ['2026-11-16T12:00:00Z', '4 days ago'],
  ])('%s: %s', (at, said) => expect(ago(at, NOW)).toBe(said));
});

describe('what became of a file that was taken in', () => {
  const nothing = { added: [], same: [], beside: [], kept: 0, left: { withoutJob: 0, different: 0 } };
  it('says each part, and that an empty file is one', () => {
    expect(outcome(nothing)).toBe('The file is empty.');
    expect(
      outcome({
        added: ['J-1'],
        same: ['a', 'b'],
        beside: ['J-2 (2)'],
        kept: 1,
        left: { withoutJob: 2, different: 1 },
      }),
    ).toBe(
      'Taken in: J-1. Beside what was here: J-2 (2). Already here, the same: 2. 1 record and settings taken in. Left out: 2 records of jobs or pieces that are not here. Left out: 1 record that say something else here; what is here stands.',
    );
  });
});
