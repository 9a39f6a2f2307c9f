import type { JobRow, JobView } from '@anello/contract';
import type { KeptRecord } from '@anello/core/job';
import { bench, plain } from './db';
import { sayTrouble } from './trouble';

/**
 * Jobs as the server had them last, for when it is away: as they were fetched, with what it took of them since. One change
 * after another, so that none is written over by one that began before it.
 */
let last: Promise<unknown> = Promise.resolve();

function inTurn(work: () => Promise<unknown>): Promise<void> {
  // Only a convenience: the browser may have no room for it.
  const done = last.then(work).then(() => undefined, sayTrouble);
  last = done;
  return done;
}

/** A job as it was fetched, whole. */
export const holdJob = (view: JobView): Promise<void> =>
  inTurn(async () => (await bench()).put('jobs', plain({ ...view, id: view.job.id })));

/** What the server took of a job's document since. A job that was never seen here is not held for it. */
export const holdSaved = (row: JobRow): Promise<void> => change(row.id, (view) => ({ ...view, job: row }));

/** A record the server took since. */
export const holdArrived = (record: KeptRecord): Promise<void> =>
  change(record.jobId, (view) => {
    const others = view.records.filter(({ id }) => id !== record.id);
    return { ...view, records: [...others, record as JobView['records'][number]] };
  });

const change = (id: string, work: (view: JobView) => JobView): Promise<void> =>
  inTurn(async () => {
    const db = await bench();
    const held = await db.get('jobs', id);
    if (held) await db.put('jobs', plain({ ...work(held), id }));
  });

/** A job as it was seen last, with all that was taken by now. Undefined where it never was. */
export async function heldJob(id: string): Promise<JobView | undefined> {
  await last;
  return (await bench()).get('jobs', id);
}
