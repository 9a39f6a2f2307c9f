import type { CheckDue } from '@anello/core/kit';

/** "3 Oct 2026" */
const day = (iso: string): string =>
  new Date(`${iso}T00:00:00Z`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  });

/** When a thing is to be checked, in a few words. */
export function checkSaid({ state, dueOn, days }: CheckDue): string {
  if (state === 'never' || dueOn === null) return 'never checked here';
  if (state === 'overdue') return `check was due on ${day(dueOn)}`;
  return state === 'soon'
    ? `check due in ${days} ${days === 1 ? 'day' : 'days'}`
    : `checked, good to ${day(dueOn)}`;
}

export const today = (now: Date = new Date()): string => now.toISOString().slice(0, 10);
