import { AnelloError, type KeptRecord } from '@anello/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { isDeepStrictEqual } from 'node:util';
import { JobEntity, RecordEntity } from '../db/entities';

/** Kept by one statement each: this is the request a machinist waits for, and the entity manager costs more than the disk. */
const INSERT =
  'insert into `record` (`id`, `job_id`, `piece`, `at`, `operator`, `body`) select ?, `id`, ?, ?, ?, ? from `job` where `id` = ? on conflict (`id`) do nothing';
const TOUCH = 'update `job` set `updated_at` = ? where `id` = ?';

interface Row extends KeptRecord {
  readonly seq: number;
}

const toRecord = ({ id, jobId, piece, at, operator, body }: Row): KeptRecord => ({
  id,
  jobId,
  piece,
  at,
  operator,
  body,
});

/**
 * Keeps a record, once: the same id with the same contents again changes nothing, so a request may be
 * sent as often as the network needs. Errors: not-found (job), record-differs.
 */
export async function keepRecord(em: EntityManager, record: KeptRecord): Promise<'kept' | 'already'> {
  const connection = em.getConnection();
  const { id, jobId, piece, at, operator, body } = record;
  const kept = await connection.transactional(async (transaction) => {
    const inserted = await connection.execute<{ affectedRows: number }>(
      INSERT,
      [id, piece, at, operator, JSON.stringify(body), jobId],
      'run',
      transaction,
    );
    if (inserted.affectedRows === 0) return false;
    await connection.execute(TOUCH, [new Date().toISOString(), jobId], 'run', transaction);
    return true;
  });
  return kept ? 'kept' : sameOrRefused(em, record);
}

/** Nothing was inserted: it is kept already, it says something else, or there is no such job. */
async function sameOrRefused(em: EntityManager, record: KeptRecord): Promise<'already'> {
  const before = await em.findOne(RecordEntity, { id: record.id });
  if (before && isDeepStrictEqual(toRecord(before as Row), record)) return 'already';
  if (before)
    throw new AnelloError(
      'record-differs',
      'id',
      'A record with this id is already kept and says something else.',
    );
  if (await em.findOne(JobEntity, { id: record.jobId }))
    throw new AnelloError('internal', null, 'The record could not be kept.');
  throw new AnelloError('not-found', 'jobId', 'There is no such job here.');
}

/** Everything kept for a job, in the order it was kept. */
export async function recordsOfJob(em: EntityManager, jobId: string): Promise<KeptRecord[]> {
  return (await recordsOfJobs(em, [jobId])).get(jobId) ?? [];
}

/** The same for several jobs at once. */
export async function recordsOfJobs(
  em: EntityManager,
  jobIds: readonly string[],
): Promise<Map<string, KeptRecord[]>> {
  const rows = await em.find(
    RecordEntity,
    { jobId: { $in: [...jobIds] } },
    { orderBy: { seq: 'asc' }, disableIdentityMap: true },
  );
  const byJob = new Map<string, KeptRecord[]>();
  for (const row of rows as unknown as Row[]) {
    const list = byJob.get(row.jobId) ?? [];
    list.push(toRecord(row));
    byJob.set(row.jobId, list);
  }
  return byJob;
}
