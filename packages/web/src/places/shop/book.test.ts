import { describe, expect, it } from 'vitest';
import { ago, bytes } from './amounts';
import { changeOf, scatterOf, titleOf, valueOf, type LikenessFigure } from './likenessWords';
import { differsIn, asShown, outcome } from './useShopFile';
import { nothingImported, type Imported } from '@anello/contract';
import { plainText, type Phrase } from '@anello/core/figure';

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
  const differ = (name: string, as: 'over' | 'left'): Imported['differ'][number] => ({
    sort: 'jobs',
    id: name.toLowerCase(),
    name,
    as,
    beside: null,
    where: ['title'],
  });
  it('says each part, and that an empty file is one', () => {
    expect(outcome(nothingImported())).toBe('The file is empty.');
    expect(
      outcome({
        added: ['J-1'],
        same: ['a', 'b'],
        beside: ['J-2-2'],
        differ: [differ('J-3', 'over'), differ('J-4', 'left')],
        kept: 1,
        photos: 2,
        left: { withoutJob: 2, different: 1, unwanted: 3, photos: 1 },
      }),
    ).toBe(
      [
        'Taken in: J-1. Beside what was here: J-2-2. In the place of what was here: J-3. Left out: J-4.',
        'Already here, the same: 2. 1 record and settings taken in. 2 photos taken in.',
        'Left out, of jobs or pieces that are not here: 2 records.',
        'Left out, as something else is kept here in their place, which stands: 1 record.',
        'Left out with what was left out: 3 records. Left out, unreadable or not in the file: 1 photo.',
      ].join(' '),
    );
  });
});

describe('where mine and theirs differ', () => {
  it('is said as people call it, jobs first', () => {
    expect(differsIn(['title', 'features', 'plan'])).toBe('what it is, part, line of work');
    expect(differsIn(['centreDistance', 'leadScrew'])).toBe('between centres, lead screw');
    const one = { id: 'x', name: 'x', as: 'beside' as const, beside: null, where: [] };
    const sorts = asShown([
      { ...one, sort: 'machines' },
      { ...one, sort: 'jobs' },
    ]).map(({ sort }) => sort);
    expect(sorts).toEqual(['jobs', 'machines']);
  });
});

describe('what a lathe’s records say, in words', () => {
  const said = (phrase: Phrase | null): string | null =>
    phrase && plainText(phrase).replaceAll('\u00a0', ' ');
  const figure = (over: Partial<LikenessFigure> = {}): LikenessFigure => ({
    kind: 'scale',
    device: 'attachment',
    way: null,
    points: [
      { at: '2026-01-01T08:00:00.000Z', jobId: 'a', number: 'A', value: 5e-4 },
      { at: '2026-02-01T08:00:00.000Z', jobId: 'b', number: 'B', value: 7e-4 },
    ],
    mean: 6e-4,
    scatter: 2e-4,
    changed: null,
    ...over,
  });
  it('a scale by its device, with its sign and how far single ones lie from it', () => {
    expect(titleOf(figure())).toBe('bar, set by its scale, stands off by');
    expect(said(valueOf(figure(), 6e-4))).toBe('+2′04″');
    expect(said(scatterOf(figure()))).toBe('± 41″, 2 jobs');
    expect(said(scatterOf(figure({ scatter: null })))).toBe('from one job only');
  });
  it('what comes off as a share, and what is different lately', () => {
    const took = figure({
      kind: 'took',
      device: null,
      mean: 0.94,
      scatter: 0.031,
      changed: { from: 0.95, to: 0.8 },
    });
    expect(said(valueOf(took, 0.94))).toBe('0.94');
    expect(said(scatterOf({ ...took, changed: null }))).toBe('± 0.03, 2 jobs');
    const points = [0.95, 0.94, 0.96, 0.8, 0.83, 0.77].map((value) => ({ ...took.points[0]!, value }));
    expect(said(scatterOf({ ...took, points }))).toBe('± 0.06, the last 3 jobs');
    expect(said(changeOf(took))).toMatch(/^Lately 0.80 where it was 0.95/);
    expect(changeOf(figure())).toBeNull();
  });
});
