import {
  jobDocumentSchema,
  jobFacts,
  migrateJobDocument,
  type JobDocument,
  type JobRow,
} from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { jobProgress } from '@anello/core/job';
import type { Book } from '../db/book';
import { isBroken, Reader, type Broken, type Readable, type Stored } from './readable';
import { recordsPage } from './records';
import { saves } from './saves';
import { putShapes } from './shapes';
import { StaleVersion } from './staleVersion';

const reader = new Reader<JobDocument>({
  schema: jobDocumentSchema,
  migrate: migrateJobDocument,
  // All that a list of jobs works out of it, or one of them would keep the rest from being shown.
  open: (document) => jobProgress(jobFacts(document), []),
});

interface StoredJob extends Stored {
  readonly updatedAt: string;
}

const ROW =
  'select `job`.`id`, `job`.`version`, `rack`.`updated_at` as `updatedAt`, `job`.`document` from `job` join `rack` on `rack`.`job_id` = `job`.`id` where `job`.`id` = ?';

function read(book: Book, row: StoredJob): Readable<JobDocument> {
  const found = reader.read(book, row);
  if (isBroken(found))
    throw new AnelloError(
      'invalid-document',
      null,
      `This job cannot be read as it is kept: ${found.sentence}`,
    );
  return found;
}

function stored(book: Book, id: string): StoredJob {
  const row = book.get<StoredJob>(ROW, id);
  if (!row) throw new AnelloError('not-found', null, 'There is no such job here.');
  return row;
}

/** Reads one job, so that what is made at the first reading of any, some 40 ms of it, holds up nobody who asks. */
export function readOneAhead(book: Book): void {
  const newest = book.get<{ id: string }>(
    'select `job_id` as `id` from `rack` order by `updated_at` desc limit 1',
  );
  if (newest) keptJob(book, newest.id);
}

/** A job as it is kept: readable, or what is wrong with it. Error: not-found. */
export function keptJob(book: Book, id: string): { version: number; found: Readable<JobDocument> | Broken } {
  const row = stored(book, id);
  return { version: row.version, found: reader.read(book, row) };
}

/** One job. Errors: not-found; invalid-document when what is kept cannot be read. */
export function findJob(book: Book, id: string): JobRow {
  const row = stored(book, id);
  return { id: row.id, version: row.version, updatedAt: row.updatedAt, document: read(book, row).document };
}

/** A job with the first page of what was kept for it, as JSON. Errors as findJob. */
export function jobView(book: Book, id: string): string {
  const row = stored(book, id);
  const { texts, next } = recordsPage(book, id, 0);
  const job = `{"id":${JSON.stringify(row.id)},"version":${row.version},"updatedAt":"${row.updatedAt}","document":${read(book, row).text}}`;
  return `{"job":${job},"records":[${texts}],"next":${next}}`;
}

/** Adds a job. The same request sent twice adds it once. Errors: number-taken, id-taken; the core's. */
export async function createJob(book: Book, id: string, document: JobDocument): Promise<JobRow> {
  await book.write(() => putJob(book, id, document));
  return findJob(book, id);
}

/** The same, within the work of a write. */
export function putJob(book: Book, id: string, document: JobDocument): void {
  reader.refuseUnopenable(document);
  const of = `job ${id}`;
  const before = book.get<StoredJob>(ROW, id);
  if (before) return saves.refuseOther(book, of, document, JSON.parse(before.document));
  refuseTakenNumber(book, id, document.number);
  const { number, title, quantity } = document;
  const now = new Date().toISOString();
  book.run(
    'insert into `job` (`id`, `number`, `title`, `version`, `updated_at`, `document`) values (?, ?, ?, 1, ?, ?)',
    id,
    number,
    title,
    now,
    JSON.stringify(document),
  );
  book.run(
    'insert into `rack` (`job_id`, `updated_at`, `number`, `title`, `quantity`, `machine_id`, `touched`) values (?, ?, ?, ?, ?, ?, 0)',
    id,
    now,
    number,
    title,
    quantity,
    document.machineId,
  );
  putShapes(book, id, 1, document);
  saves.noteNew(book, of, document);
}

/**
 * Saves a job over the version it was read at; a save with an id of its own may be sent again.
 * Errors: not-found, stale-version (with the current one), number-taken, id-taken; the core's.
 */
export async function saveJob(book: Book, id: string, given: JobSave): Promise<JobRow> {
  reader.refuseUnopenable(given.document);
  const saved = await book.write(() => saveJobNow(book, id, given));
  const row = findJob(book, id);
  if (!saved) throw new StaleVersion(row);
  return row;
}

interface JobSave {
  readonly version: number;
  readonly document: JobDocument;
  readonly save?: string | undefined;
}

/** The same, within the work of a write; false when it is not at that version. */
function saveJobNow(book: Book, id: string, { version, document, save }: JobSave): boolean {
  const of = `job ${id}`;
  if (saves.done(book, save, of)) return true;
  refuseTakenNumber(book, id, document.number);
  const now = new Date().toISOString();
  const { number, title, quantity } = document;
  const changed = book.run(
    'update `job` set `document` = ?, `number` = ?, `title` = ?, `version` = ?, `updated_at` = ?, `facts` = null where `id` = ? and `version` = ?',
    JSON.stringify(document),
    number,
    title,
    version + 1,
    now,
    id,
    version,
  );
  if (changed === 0) return false;
  book.run(
    'update `rack` set `updated_at` = ?, `number` = ?, `title` = ?, `quantity` = ?, `machine_id` = ?, `touched` = `touched` + 1, `progress` = null where `job_id` = ?',
    now,
    number,
    title,
    quantity,
    document.machineId,
    id,
  );
  putShapes(book, id, version + 1, document);
  saves.note(book, save, of, version + 1);
  return true;
}

/** Puts a document in the place of the one that is there, within the work of a write. */
export function replaceJob(book: Book, id: string, document: JobDocument): void {
  reader.refuseUnopenable(document);
  saveJobNow(book, id, { version: stored(book, id).version, document });
}

/** Puts a job away from the rack, or brings it back; nothing of it is lost, and done twice it is done once. Error: not-found. */
export async function putAway(book: Book, id: string, away: boolean): Promise<void> {
  await book.write(() => putAwayNow(book, id, away));
}

/** The same, within the work of a write. */
export function putAwayNow(book: Book, id: string, away: boolean): void {
  const changed = book.run(
    'update `rack` set `put_away` = case when ? then coalesce(`put_away`, ?) else null end where `job_id` = ?',
    away ? 1 : 0,
    new Date().toISOString(),
    id,
  );
  if (changed === 0) throw new AnelloError('not-found', null, 'There is no such job here.');
}

function refuseTakenNumber(book: Book, id: string, number: string): void {
  const other = book.get<{ title: string }>(
    'select `title` from `job` where `number` = ? and `id` <> ?',
    number,
    id,
  );
  if (other) throw new AnelloError('number-taken', 'number', `Job ${number} already exists: ${other.title}.`);
}
