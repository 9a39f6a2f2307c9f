import type { JobDocument, JobRow, JobView, RecordsPage, SettingRow } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { KeptRecord } from '@anello/core/job';
import { bench, plain } from '../db';
import { dropRun } from './done';
import type { PracticeJob } from './kept';

/** So many practice jobs are held: the oldest go. */
const HELD = 12;

/** A practice job. Error: not-found. */
export async function practiceJob(id: string): Promise<PracticeJob> {
  const found = (await (await bench()).get('practice', id)) as PracticeJob | undefined;
  if (!found) throw new AnelloError('not-found', 'id', 'There is no such practice job in this browser.');
  return found;
}

export async function putPracticeJob(job: PracticeJob): Promise<void> {
  const db = await bench();
  await db.put('practice', plain(job));
  const all = (await db.getAll('practice')) as PracticeJob[];
  const old = [...all].sort((a, b) => b.row.updatedAt.localeCompare(a.row.updatedAt)).slice(HELD);
  for (const { id } of old) {
    await db.delete('practice', id);
    await dropRun(id);
  }
}

/** Every practice job that is not ended, the one worked last first. */
export async function openPracticeJobs(): Promise<readonly PracticeJob[]> {
  const all = (await (await bench()).getAll('practice')) as PracticeJob[];
  return all.filter(({ ended }) => !ended).sort((a, b) => b.row.updatedAt.localeCompare(a.row.updatedAt));
}

let last: Promise<unknown> = Promise.resolve();
/** Changes a practice job as it stands now: one change waits for the one before it, so that none is lost. */
export function changePracticeJob(
  id: string,
  change: (job: PracticeJob) => PracticeJob,
): Promise<PracticeJob> {
  const done = last.then(async () => {
    const next = change(await practiceJob(id));
    await putPracticeJob(next);
    return next;
  });
  last = done.catch(() => undefined);
  return done;
}

/** It was said to be done. */
export const endPracticeJob = (id: string): Promise<PracticeJob> =>
  changePracticeJob(id, (job) => ({ ...job, ended: true }));

type Answering = (match: RegExpExecArray, body: never) => Promise<unknown>;
const ID = '([^/?]+)';
const ROUTES: readonly (readonly [string, RegExp, Answering])[] = [
  ['GET', new RegExp(`^/api/jobs/${ID}$`), async ([, id]) => viewOf(await practiceJob(id as string))],
  ['GET', new RegExp(`^/api/jobs/${ID}/records`), async () => ({ records: [], next: null }) as RecordsPage],
  ['PUT', new RegExp(`^/api/jobs/${ID}$`), ([, id], body) => save(id as string, body)],
  ['POST', /^\/api\/records$/, (_, body) => keep(body)],
  ['POST', /^\/api\/settings$/, (_, body) => keepSetting(body)],
];

/**
 * Answers what is asked of a practice job as the server answers of others. Of what was done before, what a lathe is like and
 * the rest there is nothing. Error: not-found.
 */
export function answered(method: string, url: string, body: unknown): Promise<unknown> {
  for (const [by, path, answer] of ROUTES) {
    const match = by === method ? path.exec(url) : null;
    if (match) return answer(match, body as never);
  }
  return Promise.reject(new AnelloError('not-found', null, 'Nothing is kept of the practice lathe.'));
}

const viewOf = ({ row, records }: PracticeJob): JobView =>
  ({ job: row, records: [...records], next: null }) as JobView;

async function save(id: string, { document }: { document: JobDocument }): Promise<JobRow> {
  const { row } = await changePracticeJob(id, (job) => ({
    ...job,
    row: { ...job.row, version: job.row.version + 1, updatedAt: new Date().toISOString(), document },
  }));
  return row;
}

/** What a practice lathe is set to is held with the job it was set for: of another job it is another lathe. */
async function keepSetting(row: SettingRow): Promise<unknown> {
  const { jobId, device } = row;
  if (jobId === null) return row;
  await changePracticeJob(jobId, (job) => ({
    ...job,
    settings: [...(job.settings ?? []).filter((one) => one.device !== device), row],
  }));
  return row;
}

/** The same row sent twice is one. */
async function keep(record: KeptRecord): Promise<unknown> {
  await changePracticeJob(record.jobId, (job) =>
    job.records.some(({ id }) => id === record.id)
      ? job
      : { ...job, records: [...job.records, record], row: { ...job.row, updatedAt: record.at } },
  );
  return record;
}
