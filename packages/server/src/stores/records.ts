import { AnelloError } from '@anello/core/basics';
import type { KeptRecord } from '@anello/core/job';
import { isDeepStrictEqual } from 'node:util';
import type { Book } from '../db/book';
import { refuseOtherTimes } from './clock';
import { isWithdrawn } from '@anello/core/job';

const INSERT =
  'insert into `record` (`id`, `job_id`, `piece`, `at`, `operator`, `feature`, `operation`, `body`) select ?, `job_id`, ?, ?, ?, ?, ?, ? from `rack` where `job_id` = ? and `quantity` >= ? on conflict (`id`) do nothing';
/** Whoever keeps one reading after another touches the rack once in a while: each touch is three pages more on the disk. */
const TOUCH =
  'update `rack` set `updated_at` = ?, `progress` = null where `job_id` = ? and (`progress` is not null or `updated_at` < ?)';
const TOUCHED_FOR = 2000;
const COLUMNS = '`seq`, `id`, `job_id` as `jobId`, `piece`, `at`, `operator`, `feature`, `operation`, `body`';
const PAGE = `select ${COLUMNS} from \`record\` where \`job_id\` = ? and \`seq\` > ? order by \`seq\` limit ?`;

interface Row extends Omit<KeptRecord, 'body' | 'feature' | 'operation'> {
  readonly seq: number;
  readonly feature: string | null;
  readonly operation: string | null;
  readonly body: string;
}

/**
 * Keeps a record, once: the same id with the same contents again changes nothing, so a request may be sent as often as the
 * network needs. Errors: not-found (job), record-differs, out-of-range (piece, time), invalid-document (nothing to withdraw).
 */
export async function keepRecord(book: Book, record: KeptRecord): Promise<'kept' | 'already'> {
  refuseOtherTimes(record.at);
  const kept = await book.write(() => putRecord(book, record));
  return kept ? 'kept' : sameOrRefused(book, record);
}

/** The same, within the work of a write; false when it was not put in. */
export function putRecord(book: Book, record: KeptRecord): boolean {
  const { id, jobId, piece, at, operator, feature = null, operation = null, body } = record;
  if (isWithdrawn(body)) refuseNothing(book, jobId, body.record);
  const put = book.run(
    INSERT,
    id,
    piece,
    at,
    operator,
    feature,
    operation,
    JSON.stringify(body),
    jobId,
    piece,
  );
  const now = Date.now();
  if (put > 0) book.run(TOUCH, new Date(now).toISOString(), jobId, new Date(now - TOUCHED_FOR).toISOString());
  return put > 0;
}

function refuseNothing(book: Book, jobId: string, withdrawn: string): void {
  if (book.get('select 1 from `record` where `id` = ? and `job_id` = ?', withdrawn, jobId)) return;
  throw new AnelloError(
    'invalid-document',
    'body.record',
    'There is no such record in this job to take back.',
  );
}

/**
 * Why nothing was inserted: it is kept already; or, as an error, it says something else (record-differs), or the job or its
 * piece is not there (not-found, out-of-range).
 */
export function sameOrRefused(book: Book, record: KeptRecord): 'already' {
  const before = book.get<Row>(`select ${COLUMNS} from \`record\` where \`id\` = ?`, record.id);
  if (before && isDeepStrictEqual(toRecord(before), record)) return 'already';
  if (before)
    throw new AnelloError(
      'record-differs',
      'id',
      'A record with this id is already kept and says something else.',
    );
  const job = book.get<{ quantity: number }>(
    'select `quantity` from `rack` where `job_id` = ?',
    record.jobId,
  );
  if (!job) throw new AnelloError('not-found', 'jobId', 'There is no such job here.');
  throw new AnelloError(
    'out-of-range',
    'piece',
    `There is no piece ${record.piece}: this job makes ${job.quantity}.`,
  );
}

export const toRecord = ({ id, jobId, piece, at, operator, feature, operation, body }: Row): KeptRecord => ({
  id,
  jobId,
  piece,
  at,
  operator,
  ...(feature === null ? {} : { feature }),
  ...(operation === null ? {} : { operation }),
  body: JSON.parse(body) as KeptRecord['body'],
});

/** As JSON, without reading the body: it was checked when it came. */
const toText = ({ id, jobId, piece, at, operator, feature, operation, body }: Row): string =>
  `{"id":"${id}","jobId":${JSON.stringify(jobId)},"piece":${piece},"at":"${at}","operator":${JSON.stringify(operator)},${named('feature', feature)}${named('operation', operation)}"body":${body}}`;

const named = (key: string, value: string | null): string =>
  value === null ? '' : `"${key}":${JSON.stringify(value)},`;

/** So many records go out in one answer. */
export const RECORDS_IN_A_PAGE = 1000;

/** A page of a job's records in the order they were kept, as JSON, and where the next begins. */
export function recordsPage(
  book: Book,
  jobId: string,
  after: number,
): { texts: string; next: number | null } {
  const rows = book.all<Row>(PAGE, jobId, after, RECORDS_IN_A_PAGE);
  const last = rows.at(-1);
  return {
    texts: rows.map(toText).join(','),
    next: rows.length === RECORDS_IN_A_PAGE && last ? last.seq : null,
  };
}

/** The records of a job after one of them. */
export const recordsAfter = (book: Book, jobId: string, after: number): (KeptRecord & { seq: number })[] =>
  book.all<Row>(PAGE, jobId, after, -1).map((row) => ({ ...toRecord(row), seq: row.seq }));

/** Every record of the book as JSON, in the order they were kept. */
export function* recordsInBook(book: Book): Generator<string> {
  const sql = `select ${COLUMNS} from \`record\` where \`seq\` > ? order by \`seq\` limit ?`;
  for (let after = 0; ;) {
    const rows = book.all<Row>(sql, after, RECORDS_IN_A_PAGE);
    for (const row of rows) yield toText(row);
    const last = rows.at(-1);
    if (!last || rows.length < RECORDS_IN_A_PAGE) return;
    after = last.seq;
  }
}
