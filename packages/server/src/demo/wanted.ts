import type { DemoJob } from './jobs';

/** Days from the day the demo shop opens on which jobs are wanted, whose they are, and words to find them by. */
const WANTED: Readonly<
  Record<string, { readonly inDays: number; readonly who?: string; readonly tags?: string[] }>
> = {
  'j-101': { inDays: 2, who: 'RK', tags: ['boring head'] },
  'j-102': { inDays: -1, who: 'RK', tags: ['platen press'] },
  'j-103': { inDays: 5, who: 'DO', tags: ['platen press'] },
  'j-106': { inDays: 9, tags: ['platen press'] },
  'j-110': { inDays: 6, who: 'MT' },
};
const DAY = 86_400_000;

/** The demo's jobs with when they are wanted, reckoned from the day it is opened. */
export const wanted = (jobs: readonly DemoJob[], now: Date): DemoJob[] =>
  jobs.map((job) => {
    const { inDays, ...more } = WANTED[job.id] ?? {};
    if (inDays === undefined) return job;
    const due = new Date(now.getTime() + inDays * DAY).toISOString().slice(0, 10);
    return { ...job, document: { ...job.document, ...more, due } };
  });
