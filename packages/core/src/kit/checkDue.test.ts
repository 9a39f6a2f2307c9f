import fc from 'fast-check';
import { expect, it } from 'vitest';
import { checkDue } from '.';

it.each([
  ['2026-01-15', 12, '2026-06-01', 'good', '2027-01-15'],
  ['2026-01-15', 12, '2026-12-20', 'soon', '2027-01-15'],
  ['2026-01-15', 12, '2027-01-15', 'soon', '2027-01-15'],
  ['2026-01-15', 12, '2027-01-16', 'overdue', '2027-01-15'],
  ['2026-08-31', 6, '2026-09-01', 'good', '2027-02-28'],
  ['2023-08-31T10:00:00Z', 6, '2024-02-29', 'soon', '2024-02-29'],
])('checked %s, every %d months, on %s: %s', (checkedOn, checkEvery, today, state, dueOn) => {
  expect(checkDue({ checkedOn, checkEvery }, today)).toMatchObject({ state, dueOn });
});
it('what nobody minds is not due, what was never checked is', () => {
  expect(checkDue({ checkedOn: '2026-01-15' }, '2030-01-01')).toBeNull();
  expect(checkDue({ checkEvery: 0 }, '2030-01-01')).toBeNull();
  expect(checkDue({ checkEvery: 12 }, '2030-01-01')).toEqual({ state: 'never', dueOn: null, days: null });
  expect(() => checkDue({ checkedOn: 'last year', checkEvery: 1 }, '2026-01-01')).toThrow(
    expect.objectContaining({ code: 'unreadable', field: 'checkedOn' }),
  );
});
it('the day it falls due on is so many months on, never later in the month than it was checked', () => {
  const day = fc.date({ min: new Date('2000-01-01'), max: new Date('2090-01-01'), noInvalidDate: true });
  fc.assert(
    fc.property(day, fc.integer({ min: 1, max: 120 }), (on, months) => {
      const checkedOn = on.toISOString().slice(0, 10);
      const { dueOn, days } = checkDue({ checkedOn, checkEvery: months }, checkedOn)!;
      const [y0, m0, d0] = checkedOn.split('-').map(Number) as [number, number, number];
      const [y1, m1, d1] = dueOn!.split('-').map(Number) as [number, number, number];
      expect((y1 - y0) * 12 + m1 - m0).toBe(months);
      expect(d1).toBeLessThanOrEqual(d0);
      expect(days).toBeGreaterThanOrEqual(28 * months - 3);
    }),
  );
});
