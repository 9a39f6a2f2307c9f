import type { LogQuery, LogRow } from '@anello/contract';
import type { Book } from '../db/book';
import { GONE } from './gone';
import { toRecord } from './records';

interface Row {
  readonly seq: number;
  readonly id: string;
  readonly jobId: string;
  readonly piece: number;
  readonly at: string;
  readonly operator: string;
  readonly feature: string | null;
  readonly operation: string | null;
  readonly body: string;
  readonly number: string;
  readonly title: string;
  readonly machineId: string | null;
  readonly gone: number;
}

type Asked = Omit<LogQuery, 'limit' | 'before'>;
type Value = string | number;
interface Clause {
  readonly sql: string;
  readonly values: readonly Value[];
}

const COLUMNS = `\`record\`.\`seq\`, \`record\`.\`id\`, \`record\`.\`job_id\` as \`jobId\`, \`piece\`, \`at\`, \`operator\`, \`feature\`, \`operation\`, \`body\`, \`rack\`.\`number\`, \`rack\`.\`title\`, \`rack\`.\`machine_id\` as \`machineId\`, ${GONE} as \`gone\``;

/** The whole day that is named. */
const DAY_ENDS = 'T23:59:59.999Z';

/** Each thing asked for as a clause; a withdrawal is seen at what it took back, not by itself. */
function clauses(
  book: Book,
  { machine, job, operator, kind, verdict, way, shape, series, size, material, from, to }: Asked,
): Clause[] {
  const clause = (given: string | undefined, sql: string, ...values: readonly Value[]): Clause[] =>
    given ? [{ sql, values: values.length > 0 ? values : [given] }] : [];
  return [
    { sql: "`record`.`kind` <> 'withdrawn'", values: [] },
    ...clause(job, '`record`.`job_id` = ?'),
    ...clause(kind, '`record`.`kind` = ?'),
    ...clause(operator, '`operator` = ?'),
    ...clause(machine, '`record`.`job_id` in (select `job_id` from `rack` where `machine_id` = ?)'),
    ...clause(verdict, "`record`.`kind` = 'verdict' and json_extract(`body`, '$.verdict') = ?"),
    ...ofShapes(book, { kind: shape, series, size, way }),
    ...clause(
      material,
      "`record`.`job_id` in (select `job_id` from `rack` where `material` like ? escape '\\')",
      containing(material ?? ''),
    ),
    ...clause(from, '`at` >= ?'),
    ...clause(to, '`at` <= ?', `${to}${DAY_ENDS}`),
  ];
}

const containing = (asked: string): string => `%${asked.replace(/[%_\\]/g, '\\$&')}%`;

/** More shapes than this, and going back from the newest row finds a page sooner than looking up each shape's job does. */
const MANY = 200;

/**
 * Rows of shapes that are so and so; a row that names no shape is from before rows did, and of the first. Few shapes are found
 * first, by their own indexes, and then their jobs' rows.
 */
function ofShapes(
  book: Book,
  asked: Readonly<Record<'kind' | 'series' | 'size' | 'way', string | undefined>>,
): Clause[] {
  const given = Object.entries(asked).filter((one): one is [string, string] => Boolean(one[1]));
  if (given.length === 0) return [];
  const so = given.map(([column]) => `\`s\`.\`${column}\` = ?`).join(' and ');
  const values = given.map(([, value]) => value);
  const found = `select \`job_id\` from \`shape\` as \`s\` where ${so}`;
  const { n } = book.get<{ n: number }>(
    `select count(*) as \`n\` from (${found} limit ${MANY + 1})`,
    ...values,
  ) ?? { n: 0 };
  return [
    ...(n > MANY ? [] : [{ sql: `\`record\`.\`job_id\` in (${found})`, values }]),
    {
      sql: `exists (select 1 from \`shape\` as \`s\` where \`s\`.\`job_id\` = \`record\`.\`job_id\` and (\`s\`.\`feature\` = \`record\`.\`feature\` or (\`record\`.\`feature\` is null and \`s\`.\`place\` = 0)) and ${so})`,
      values,
    },
  ];
}

/** So many of the newest rows with the words in them are looked through at a time. */
const NEWEST = 5000;
const BEFORE_ALL = Number.MAX_SAFE_INTEGER;
const IN_JOB = "select `job_id` from `rack` where `number` like ? escape '\\' or `title` like ? escape '\\'";
const IN_ROW =
  'select `rowid` from `record_words` where `record_words` match ? and `rowid` < ? order by `rowid` desc limit ?';

/** Rows so far back that they are looked through only when the newer ones have been. */
interface Worded {
  readonly clauses: readonly Clause[];
  /** No row before this one is among them yet; null where all are. */
  readonly from: number | null;
}

/**
 * Words stand in the row itself, or in the number or the title of its job. Words that are common are answered from the newest
 * rows on: neither all rows that have them nor all rows of all such jobs are gathered first.
 */
function worded(book: Book, words: string | undefined, before = BEFORE_ALL): Worded {
  const asked = (words ?? '').trim();
  if (asked === '') return { clauses: [], from: null };
  const match = (asked.match(/[\p{L}\p{N}]+/gu) ?? []).map((term) => `"${term}"*`).join(' ');
  const like = [containing(asked), containing(asked)];
  const { n: jobs } = book.get<{ n: number }>(
    `select count(*) as \`n\` from (${IN_JOB} limit ${MANY + 1})`,
    ...like,
  ) ?? { n: 0 };
  const ofJobs = `select \`seq\` from \`record\` where \`job_id\` in (${IN_JOB})`;
  // With a plus before it a column has no index: very many rows are gone back through, not gathered and sorted.
  const common = `+\`record\`.\`job_id\` in (${IN_JOB})`;
  const many = jobs > MANY;
  if (match === '')
    return {
      clauses: [{ sql: many ? common : `\`record\`.\`seq\` in (${ofJobs})`, values: like }],
      from: null,
    };
  const rows = [match, before, NEWEST];
  const { n, least } = book.get<{ n: number; least: number }>(
    `select count(*) as \`n\`, min(\`rowid\`) as \`least\` from (${IN_ROW})`,
    ...rows,
  ) ?? { n: 0, least: 0 };
  const from = n === NEWEST ? least : null;
  return {
    clauses: [
      {
        sql: many
          ? `(${common} or +\`record\`.\`seq\` in (${IN_ROW}))`
          : `\`record\`.\`seq\` in (${ofJobs} union select * from (${IN_ROW}))`,
        values: [...like, ...rows],
      },
      ...(from === null ? [] : [{ sql: '`record`.`seq` >= ?', values: [from] }]),
    ],
    from,
  };
}

/** A page of everything kept, newest first, and where the next begins. */
export function logPage(
  book: Book,
  { before, limit, ...asked }: LogQuery,
): { readonly rows: readonly LogRow[]; readonly next: number | null } {
  const { clauses: ofWords, from } = worded(book, asked.words, before);
  const where: Clause[] = [
    ...ofWords,
    ...(before === undefined ? [] : [{ sql: '`record`.`seq` < ?', values: [before] }]),
    ...clauses(book, asked),
  ];
  const found = book.all<Row>(
    `select ${COLUMNS} from \`record\` join \`rack\` on \`rack\`.\`job_id\` = \`record\`.\`job_id\` where ${where.map((c) => c.sql).join(' and ')} order by \`record\`.\`seq\` desc limit ?`,
    ...where.flatMap((c) => c.values),
    limit,
  );
  const last = found.at(-1);
  return { rows: found.map(rowOf), next: found.length === limit && last ? last.seq : from };
}

function rowOf({ number, title, machineId, gone, ...row }: Row): LogRow {
  return { seq: row.seq, number, title, machineId, gone: gone === 1, record: toRecord(row) } as LogRow;
}

const PAGE = 200;

/** Everything asked for, page by page: a million rows are never in memory at once. */
export function* logRows(book: Book, asked: Asked): Generator<readonly LogRow[]> {
  for (let before: number | undefined; ;) {
    const { rows, next } = logPage(book, { ...asked, before, limit: PAGE });
    yield rows;
    if (next === null) return;
    before = next;
  }
}
