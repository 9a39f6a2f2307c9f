import type { JobCard } from '@anello/contract';

const DAY = 86_400_000;
/** From so many days before it is wanted, a job is said to be wanted soon. */
const SOON = 3;
const midnight = (at: Date): number => Date.UTC(at.getFullYear(), at.getMonth(), at.getDate());

/** When a job is wanted, from today; a finished one is neither soon nor late. */
export function dueIn(
  { due, finished, putAway }: Pick<JobCard, 'due' | 'finished' | 'putAway'>,
  today: Date = new Date(),
): { said: string; tone: 'late' | 'soon' | '' } {
  if (!due) return { said: '', tone: '' };
  const days = Math.round((Date.parse(due) - midnight(today)) / DAY);
  const date = new Date(due).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
  if (finished || putAway) return { said: `was wanted ${date}`, tone: '' };
  if (days < 0)
    return { said: `wanted ${date}, ${-days} ${days === -1 ? 'day' : 'days'} late`, tone: 'late' };
  if (days === 0) return { said: 'wanted today', tone: 'soon' };
  if (days === 1) return { said: 'wanted tomorrow', tone: 'soon' };
  return { said: `wanted ${date}`, tone: days <= SOON ? 'soon' : '' };
}
