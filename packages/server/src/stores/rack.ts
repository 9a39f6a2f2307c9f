import type { Aside, RackSort } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
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
  readonly putAway: string | null;
  readonly facts: string | null;
  readonly progress: string | null;
}

/** A job with no day it is wanted comes after those that have one. */
const ORDERS: Readonly<Record<RackSort, string>> = {
  touched: '`rack`.`updated_at` desc, `rack`.`number` desc',
  due: '`rack`.`due` is null, `rack`.`due`, `rack`.`updated_at` desc',
  number: '`rack`.`number` desc',
};
const COLUMNS =
  '`job_id` as `id`, `rack`.`updated_at` as `updatedAt`, `rack`.`number`, `rack`.`title`, `touched`, `put_away` as `putAway`, `facts`, `progress`';
const FROM = 'from `rack` join `job` on `job`.`id` = `rack`.`job_id`';
const LIKE =
  "where (`rack`.`number` like ? escape '\\' or `rack`.`title` like ? escape '\\' or `rack`.`words` like ? escape '\\')";
/** Looked for by a word, it is found wherever it is. */
const SHOWN = { rack: 'where `put_away` is null', away: 'where `put_away` is not null' } as const;

export interface RackQuery {
  readonly show: keyof typeof SHOWN;
  readonly sort: RackSort;
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
const small = promisify(gzip);

interface Worked {
  readonly facts: string;
  readonly progress: string;
  /** The last record it was worked out of. */
  readonly last: number;
}

/** What a card was worked out of, besides: its job's document, and the lathes and kit. */
interface Fresh {
  readonly row: RackRow;
  readonly shelf: number;
  readonly worked: Worked;
}
/**
 * A card is written beside its job a while after it was worked out, ms: a job that is being worked on is written once for many
 * readings. So many are written at a time, so that nobody waits for a whole rack, and the next so soon after.
 */
const WRITTEN_AFTER = 700;
const TOGETHER = 16;
const NEXT_AFTER = 30;
const LAST = 'select coalesce(max(`seq`), 0) as `last` from `record` where `job_id` = ?';

const KEEP =
  'update `rack` set `progress` = ? where `job_id` = ? and `touched` = ? and coalesce((select max(`seq`) from `record` where `job_id` = ?), 0) = ?';

/** The rack: what it shows of each job is kept beside the job, and worked out again only after the job has changed. */
export class RackOf {
  private readonly progress: ProgressOf;
  /** Worked out and not yet written. */
  private readonly fresh = new Map<string, Fresh>();
  private writing: NodeJS.Timeout | undefined;

  constructor(private readonly book: Book) {
    this.progress = new ProgressOf(book);
  }

  private held: { stamp: number; pages: Map<string, Promise<RackPage>> } = { stamp: -1, pages: new Map() };

  /** A page of it; asked again while nothing has changed it is the same. */
  page(query: RackQuery): Promise<RackPage> {
    const { stamp } = this.book;
    if (this.held.stamp !== stamp || this.held.pages.size > PAGES_HELD)
      this.held = { stamp, pages: new Map() };
    const key = JSON.stringify([query.show, query.sort, query.search, query.offset, query.limit]);
    const before = this.held.pages.get(key);
    if (before) return before;
    const page = this.pageText(query).then(async (text) => ({ text, gzip: await small(text, { level: 1 }) }));
    const { pages } = this.held;
    pages.set(key, page);
    page.catch(() => pages.delete(key));
    return page;
  }

  /** Newest first, as JSON; jobs that cannot be read are named beside it. */
  private async pageText({ show, sort, search, offset, limit }: RackQuery): Promise<string> {
    const like = `%${search.replace(/[%_\\]/g, '\\$&')}%`;
    const [where, values] = search ? [LIKE, [like, like, like]] : [SHOWN[show], []];
    const total = this.count(where, ...values);
    const rows = this.book.all<RackRow>(
      `select ${COLUMNS} ${FROM} ${where} order by ${ORDERS[sort]} limit ? offset ?`,
      ...values,
      limit,
      offset,
    );
    const cards: string[] = [];
    const aside: Aside[] = [];
    for (const row of rows) {
      // One card that must be worked out is a few milliseconds: others are answered between them.
      if ((row.facts === null || row.progress === null) && !this.freshOf(row))
        await new Promise(setImmediate);
      const card = this.card(row);
      if (typeof card === 'string') cards.push(card);
      else aside.push({ id: row.id, name: `${row.number} ${row.title}`, sentence: card.sentence });
    }
    return `{"jobs":[${cards.join(',')}],"aside":${JSON.stringify(aside)},"total":${total}}`;
  }

  private count(where: string, ...values: readonly string[]): number {
    return this.book.get<{ n: number }>(`select count(*) as \`n\` from \`rack\` ${where}`, ...values)?.n ?? 0;
  }

  private card(row: RackRow): string | Broken {
    const known =
      row.facts !== null && row.progress !== null ? { facts: row.facts, progress: row.progress } : null;
    const shown = known ?? this.freshOf(row) ?? this.workedOut(row);
    if (isBroken(shown)) return shown;
    if ('last' in shown) this.writeSoon(row, shown);
    return `{"id":${JSON.stringify(row.id)},"updatedAt":"${row.updatedAt}","putAway":${JSON.stringify(row.putAway)},${shown.facts.slice(1, -1)},${shown.progress.slice(1, -1)}}`;
  }

  /** One that nothing can be worked out of is set aside, and keeps no other from being shown. */
  private workedOut(row: RackRow): Worked | Broken {
    try {
      return this.workOut(row);
    } catch (error) {
      if (error instanceof AnelloError) return { sentence: error.message };
      throw error;
    }
  }

  private workOut(row: RackRow): Worked | Broken {
    const { version, found } = keptJob(this.book, row.id);
    if (isBroken(found)) return found;
    const { number, title, machineId, quantity, features, due, who, tags } = found.document;
    const { stages, ...rest } = this.progress.of(row.id, version, found.document);
    const last = this.progress.lastOf(row.id);
    return {
      last,
      facts: row.facts ?? JSON.stringify({ number, title, machineId, quantity, due, who, tags, features }),
      progress: JSON.stringify({ ...rest, stages, line: this.progress.line(row.id, found.document) }),
    };
  }

  /** What was worked out of this very job and not yet written; null of none. */
  private freshOf({ id, touched }: RackRow): Worked | null {
    const fresh = this.fresh.get(id);
    if (!fresh || fresh.row.touched !== touched || fresh.shelf !== this.book.shelfStamp) return null;
    return this.book.get<{ last: number }>(LAST, id)?.last === fresh.worked.last ? fresh.worked : null;
  }

  private writeSoon(row: RackRow, worked: Worked): void {
    if (this.fresh.get(row.id)?.worked === worked) return;
    this.fresh.set(row.id, { row, shelf: this.book.shelfStamp, worked });
    this.writing ??= setTimeout(() => this.writeFresh(), WRITTEN_AFTER).unref();
  }

  /** The first few; what was not written before the end is worked out again when it is next asked for. */
  private writeFresh(): void {
    for (const [id, { row, shelf, worked }] of [...this.fresh].slice(0, TOGETHER)) {
      this.fresh.delete(id);
      if (shelf === this.book.shelfStamp) void this.keep(row, worked);
    }
    this.writing = this.fresh.size > 0 ? setTimeout(() => this.writeFresh(), NEXT_AFTER).unref() : undefined;
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
