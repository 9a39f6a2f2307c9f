import { AnelloError, type KeptRecord } from '@anello/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { isDeepStrictEqual } from 'node:util';
import { JobEntity, RecordEntity } from '../db/entities';

interface Row extends KeptRecord {
  readonly seq: number;
}

const toRecord = ({ id, jobId, piece, at, operator, body }: Row): KeptRecord => ({ id, jobId, piece, at, operator, body });

/**
 * Keeps a record, once: the same id with the same contents again changes nothing, so a request may be
 * sent as often as the network needs. Errors: not-found (job), record-differs.
 */
export async function keepRecord(em: EntityManager, record: KeptRecord): Promise<'kept' | 'already'> {
  return em.transactional(async (inside) => {
    const before = await inside.findOne(RecordEntity, { id: record.id });
    if (before) {
      if (isDeepStrictEqual(toRecord(before as Row), record)) return 'already';
      throw new AnelloError('record-differs', 'id', 'A record with this id is already kept and says something else.');
    }
    const touched = await inside.nativeUpdate(JobEntity, { id: record.jobId }, { updatedAt: new Date().toISOString() });
    if (touched === 0) throw new AnelloError('not-found', 'jobId', 'There is no such job here.');
    await inside.insert(RecordEntity, { ...record });
    return 'kept';
  });
}

/** Everything kept for a job, in the order it was kept. */
export async function recordsOfJob(em: EntityManager, jobId: string): Promise<KeptRecord[]> {
  return (await recordsOfJobs(em, [jobId])).get(jobId) ?? [];
}

/** The same for several jobs at once. */
export async function recordsOfJobs(em: EntityManager, jobIds: readonly string[]): Promise<Map<string, KeptRecord[]>> {
  const rows = await em.find(RecordEntity, { jobId: { $in: [...jobIds] } }, { orderBy: { seq: 'asc' }, disableIdentityMap: true });
  const byJob = new Map<string, KeptRecord[]>();
  for (const row of rows as unknown as Row[]) {
    const list = byJob.get(row.jobId) ?? [];
    list.push(toRecord(row));
    byJob.set(row.jobId, list);
  }
  return byJob;
}
