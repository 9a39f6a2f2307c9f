import { describe, expect, it } from 'vitest';
import { byMonth, hours } from './months';

describe('what was lost, month by month', () => {
  const TODAY = new Date('2026-03-10T12:00:00Z');
  it('has every month from the day asked on, with and without losses', () => {
    expect(
      byMonth(
        [
          { at: '2026-01-31T23:59:00.000Z', verdict: 'scrap' },
          { at: '2026-03-01T00:00:00.000Z', verdict: 'rework' },
          { at: '2026-03-02T08:00:00.000Z', verdict: 'scrap' },
        ],
        '2025-12-20',
        TODAY,
      ),
    ).toEqual([
      { month: '2025-12-01', scrapped: 0, reworked: 0 },
      { month: '2026-01-01', scrapped: 1, reworked: 0 },
      { month: '2026-02-01', scrapped: 0, reworked: 0 },
      { month: '2026-03-01', scrapped: 1, reworked: 1 },
    ]);
  });
  it('is thirteen months for a year back, and this one alone from today', () => {
    expect(byMonth([], '2025-03-10', TODAY)).toHaveLength(13);
    expect(byMonth([], '2026-03-10', TODAY)).toHaveLength(1);
    expect(byMonth([], '2026-04-01', TODAY)).toHaveLength(0);
  });
});

it.each([
  [0, '0 min'],
  [59.4, '59 min'],
  [60, '1 h'],
  [95, '1 h 35 min'],
])('%d minutes: %s', (minutes, said) => expect(hours(minutes)).toBe(said));
