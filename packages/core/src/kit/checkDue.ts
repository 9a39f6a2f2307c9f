import { AnelloError } from '../basics/error';
import { SOON_DAYS } from './usual';

/** What is checked from time to time: an instrument, a master, a set of blocks. */
export interface Checked {
  /** ISO date of its last check. */
  readonly checkedOn?: string | undefined;
  /** Months from one check to the next; it is not minded where none is said. */
  readonly checkEvery?: number | undefined;
}

export interface CheckDue {
  /** `never`: it is to be checked and never was. */
  readonly state: 'good' | 'soon' | 'overdue' | 'never';
  /** ISO date; null of what was never checked. */
  readonly dueOn: string | null;
  /** Days from today until then, less than nought when it is past; null of what was never checked. */
  readonly days: number | null;
}

const DAY = 86_400_000;
const DATE = /^\d{4}-\d{2}-\d{2}/;

/**
 * When a thing is to be checked again, as of a day; null of what nobody minds. Dates are ISO. Error: unreadable, for a date
 * that is none.
 *
 * @example
 * checkDue({ checkedOn: '2026-01-31', checkEvery: 1 }, '2026-03-02')
 * // → { state: 'overdue', dueOn: '2026-02-28', days: -2 }
 */
export function checkDue({ checkedOn, checkEvery }: Checked, today: string): CheckDue | null {
  if (!checkEvery || !(checkEvery > 0)) return null;
  if (!checkedOn) return { state: 'never', dueOn: null, days: null };
  const due = monthsAfter(dayOf(checkedOn, 'checkedOn'), Math.max(1, Math.round(checkEvery)));
  const days = Math.round((due.getTime() - dayOf(today, 'today').getTime()) / DAY);
  const state = days < 0 ? 'overdue' : days <= SOON_DAYS ? 'soon' : 'good';
  return { state, dueOn: due.toISOString().slice(0, 10), days };
}

function dayOf(text: string, field: string): Date {
  const day = new Date(`${DATE.exec(text)?.[0] ?? ''}T00:00:00Z`);
  if (Number.isNaN(day.getTime())) throw new AnelloError('unreadable', field, 'That is not a date.');
  return day;
}

/** The same day of a later month, or that month's last where it has none such. */
function monthsAfter(from: Date, months: number): Date {
  const first = new Date(Date.UTC(from.getUTCFullYear(), from.getUTCMonth() + months, 1));
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  first.setUTCDate(Math.min(from.getUTCDate(), last));
  return first;
}
