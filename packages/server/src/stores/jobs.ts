import {
  jobFacts,
  migrateJobDocument,
  type JobCard,
  type JobDocument,
  type JobRow,
  type Rack,
} from '@anello/contract';
import { AnelloError, jobProgress, type KeptRecord } from '@anello/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { JobEntity, type JobEntityRow } from '../db/entities';
import { recordsOfJobs } from './records';
import { StaleVersion } from './staleVersion';

const toRow = (row: JobEntityRow): JobRow => ({
  id: row.id,
  version: row.version,
  updatedAt: row.updatedAt,
  document: migrateJobDocument(row.document),
});

/** One job. Error: not-found. */
export async function findJob(em: EntityManager, id: string): Promise<JobRow> {
  const row = await em.findOne(JobEntity, { id });
  if (!row) throw new AnelloError('not-found', null, 'There is no such job here.');
  return toRow(row);
}

/** Adds a job. The same id again is the same request sent twice, and answers what is kept. Error: number-taken. */
export async function createJob(em: EntityManager, id: string, document: JobDocument): Promise<JobRow> {
  const again = await em.findOne(JobEntity, { id });
  if (again) return toRow(again);
  await refuseTakenNumber(em, id, document.number);
  const row = { id, number: document.number, title: document.title, version: 1, updatedAt: now(), document };
  await em.insert(JobEntity, row);
  return toRow(row as JobEntityRow);
}

/** Saves a job over the version it was read at. Errors: not-found, stale-version (with the current one), number-taken. */
export async function saveJob(
  em: EntityManager,
  id: string,
  version: number,
  document: JobDocument,
): Promise<JobRow> {
  await refuseTakenNumber(em, id, document.number);
  const changes = {
    document,
    number: document.number,
    title: document.title,
    version: version + 1,
    updatedAt: now(),
  };
  const changed = await em.nativeUpdate(JobEntity, { id, version }, changes);
  const row = await findJob(em, id);
  if (changed === 0) throw new StaleVersion(row);
  return row;
}

async function refuseTakenNumber(em: EntityManager, id: string, number: string): Promise<void> {
  const other = await em.findOne(JobEntity, { number, id: { $ne: id } });
  if (other) throw new AnelloError('number-taken', 'number', `Job ${number} already exists: ${other.title}.`);
}

/** A page of the rack, newest first, each job with how far it has come. */
export async function listRack(
  em: EntityManager,
  query: { search: string; offset: number; limit: number },
): Promise<Rack> {
  const like = `%${query.search.replace(/[%_\\]/g, '')}%`;
  const where = query.search ? { $or: [{ number: { $like: like } }, { title: { $like: like } }] } : {};
  const [rows, total] = await em.findAndCount(JobEntity, where, {
    orderBy: { updatedAt: 'desc', number: 'desc' },
    limit: query.limit,
    offset: query.offset,
  });
  const records = await recordsOfJobs(
    em,
    rows.map((row) => row.id),
  );
  return { total, jobs: rows.map((row) => cardOf(toRow(row), records.get(row.id) ?? [])) };
}

function cardOf({ id, updatedAt, document }: JobRow, records: readonly KeptRecord[]): JobCard {
  const { piece, now: stage, next, finished, scrapped, stages } = jobProgress(jobFacts(document), records);
  const { number, title, machineId, quantity, features } = document;
  const plain = stages.map(({ stale, ...rest }) => ({
    ...rest,
    stale: stale && [...stale].map((part) => (typeof part === 'string' ? part : { ...part })),
  }));
  return {
    id,
    number,
    title,
    machineId,
    quantity,
    updatedAt,
    features,
    piece,
    now: stage,
    next,
    finished,
    scrapped,
    stages: plain,
  };
}

const now = (): string => new Date().toISOString();
