import type { JobDocument } from './schema';
import type { Work } from './work/schema';

/** What is of one job alone: what it is called, how many, where and for when, and what was noted of it. */
const OF_ITSELF = [
  'schema',
  'number',
  'title',
  'quantity',
  'machineId',
  'note',
  'due',
  'who',
  'order',
] as const satisfies readonly (keyof JobDocument)[];

/** Two jobs that are mates know each other; a third that begins as one of them is nobody's mate yet. */
function ofNobody(work: Work): Work {
  const { mateJob: _mateJob, ...rest } = work as Work & { readonly mateJob?: unknown };
  return rest as Work;
}

/**
 * What another job may begin with: the part of a job, its bar, how its shapes are made and cut, its line of work and the words
 * it is found by.
 */
export function begunAs(document: JobDocument): Partial<JobDocument> {
  const rest: Partial<JobDocument> = { ...document };
  for (const key of OF_ITSELF) delete rest[key];
  const work = Object.entries(document.work).map(([feature, one]) => [feature, ofNobody(one)] as const);
  return { ...rest, work: Object.fromEntries(work) };
}
