import type { Aside } from '@anello/contract';
import { gzipSync } from 'node:zlib';
import type { Book } from '../db/book';
import { keptJob } from './jobs';
import { ProgressOf } from './progress';
import { isBroken, type Broken } from './readable';

interface RackRow {
  readonly id: string;
  readonly updatedAt: string;
  readonly number: string;
  readonly title: string;
  readonly touched: number;
  readonly facts: string | null;
  readonly progress: string | null;
}

const ORDER = 'order by `rack`.`updated_at` desc, `rack`.`number` desc limit ? offset ?';
const COLUMNS =
  '`job_id` as `id`, `rack`.`updated_at` as `updatedAt`, `rack`.`number`, `rack`.`title`, `touched`, `facts`, `progress`';
const FROM = 'from `rack` join `job` on `job`.`id` = `rack`.`job_id`';
const LIKE = "where (`rack`.`number` like ? escape '\\' or `rack`.`title` like ? escape '\\')";

export interface RackQuery {
  readonly search: string;
  readonly offset: number;
  readonly limit: number;
}
/** A page as JSON, and the same made small once for everybody who asks. */
export interface RackPage {
  readonly text: string;
  readonly gzip: Buffer;
}
const PAGES_HELD = 40;

interface Worked {
  readonly facts: string;
  readonly progress: string;
  /** The last record it was worked out of. */
  readonly last: number;
}

const KEEP =
  'update `rack` set `progress` = ? where `job_id` = ? and `touched` = ? and coalesce((select max(`seq`) from `record` where `job_id` = ?), 0) = ?';

/** The rack: what it shows of each job is kept beside the job, and worked out again only after the job has changed. */
export class RackOf {
  private readonly progress: ProgressOf;

  constructor(private readonly book: Book) {
    this.progress = new ProgressOf(book);
  }

  private held: { stamp: number; pages: Map<string, Promise<RackPage>> } = { stamp: -1, pages: new Map() };

  /** A page of it; asked again while nothing has changed it is the same. */
  page(query: RackQuery): Promise<RackPage> {
    const { stamp } = this.book;
    if (this.held.stamp !== stamp || this.held.pages.size > PAGES_HELD)
      this.held = { stamp, pages: new Map() };
    const key = JSON.stringify([query.search, query.offset, query.limit]);
    const before = this.held.pages.get(key);
    if (before) return before;
    const page = this.pageText(query).then((text) => ({ text, gzip: gzipSync(text, { level: 1 }) }));
    const { pages } = this.held;
    pages.set(key, page);
    page.catch(() => pages.delete(key));
    return page;
  }

  /** Newest first, as JSON; jobs that cannot be read are named beside it. */
  private async pageText({ search, offset, limit }: RackQuery): Promise<string> {
    const like = `%${search.replace(/[%_\\]/g, '\\$&')}%`;
    const [where, values] = search ? [LIKE, [like, like]] : ['', []];
    const total = search ? this.count(where, ...values) : this.jobs();
    const rows = this.book.all<RackRow>(
      `select ${COLUMNS} ${FROM} ${where} ${ORDER}`,
      ...values,
      limit,
      offset,
    );
    const cards: string[] = [];
    const aside: Aside[] = [];
    for (const row of rows) {
      // One card that must be worked out is a few milliseconds: others are answered between them.
      if (row.facts === null || row.progress === null) await new Promise(setImmediate);
      const card = this.card(row);
      if (typeof card === 'string') cards.push(card);
      else aside.push({ id: row.id, name: `${row.number} ${row.title}`, sentence: card.sentence });
    }
    return `{"jobs":[${cards.join(',')}],"aside":${JSON.stringify(aside)},"total":${total}}`;
  }

  private count(where: string, ...values: readonly string[]): number {
    return this.book.get<{ n: number }>(`select count(*) as \`n\` from \`rack\` ${where}`, ...values)?.n ?? 0;
  }

  private counted = { last: -1, jobs: 0 };

  /** Jobs are only ever added: they need counting again only when there is a later one. */
  private jobs(): number {
    const last = this.book.get<{ last: number | null }>('select max(rowid) as `last` from `rack`')?.last ?? 0;
    if (last !== this.counted.last) this.counted = { last, jobs: this.count('') };
    return this.counted.jobs;
  }

  private card(row: RackRow): string | Broken {
    const known =
      row.facts !== null && row.progress !== null ? { facts: row.facts, progress: row.progress } : null;
    const shown = known ?? this.workedOut(row);
    if (isBroken(shown)) return shown;
    if ('last' in shown) void this.keep(row, shown);
    return `{"id":${JSON.stringify(row.id)},"updatedAt":"${row.updatedAt}",${shown.facts.slice(1, -1)},${shown.progress.slice(1, -1)}}`;
  }

  private workedOut(row: RackRow): Worked | Broken {
    const { version, found } = keptJob(this.book, row.id);
    if (isBroken(found)) return found;
    const { number, title, machineId, quantity, features } = found.document;
    const { stages, ...rest } = this.progress.of(row.id, version, found.document);
    const last = this.progress.lastOf(row.id);
    return {
      last,
      facts: row.facts ?? JSON.stringify({ number, title, machineId, quantity, features }),
      progress: JSON.stringify({ ...rest, stages, line: this.progress.line(row.id, found.document) }),
    };
  }

  /** Kept unless the job has changed meanwhile; not kept, it is worked out again next time. */
  private keep({ id, touched, facts: before }: RackRow, { facts, progress, last }: Worked): Promise<unknown> {
    const missing = before !== facts;
    return this.book
      .write(
        () => {
          if (this.book.run(KEEP, progress, id, touched, id, last) > 0 && missing)
            this.book.run('update `job` set `facts` = ? where `id` = ?', facts, id);
        },
        { quiet: true },
      )
      .catch(() => undefined);
  }

  /** Works out every job's card again. Answers how many were different from what was kept. */
  async rebuild(): Promise<{ jobs: number; mended: number }> {
    const all = this.book.all<RackRow>(`select ${COLUMNS} ${FROM}`);
    let mended = 0;
    for (const row of all) {
      const shown = this.workedOut({ ...row, facts: null });
      if (isBroken(shown)) continue;
      if (
        row.facts !== null &&
        (row.facts !== shown.facts || (row.progress ?? shown.progress) !== shown.progress)
      )
        mended++;
      await this.keep(row, shown);
    }
    return { jobs: all.length, mended };
  }
}
