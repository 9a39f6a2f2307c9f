import { AnelloError } from '@anello/core/basics';
import { setTimeout as pause } from 'node:timers/promises';
import { openRaw, sqliteCode, type RawDatabase, type RawStatement, type SqlValue } from './raw';

/**
 * WAL with synchronous FULL: once a commit returns it is on the disk, whatever happens to the process. The driver never
 * waits for a lock by itself, because it would hold up every other request meanwhile: waiting is done here.
 */
const PRAGMAS = [
  'pragma busy_timeout = 0',
  'pragma journal_mode = WAL',
  'pragma synchronous = FULL',
  'pragma foreign_keys = on',
];
/** Another program may hold the file for a while: a write is tried again this often, for so long, ms. */
const TRY_EVERY = 20;
const PATIENCE = 12_000;
/** A book nobody has written to for so long is brought into its one file, ms. */
const IDLE = 300;

/** Something to be written, and whom to tell: `kept` once the commit has returned, `refused` otherwise. */
interface Work {
  /** It changes nothing that is shown. */
  readonly quiet: boolean;
  attempt(): void;
  kept(): void;
  refused(error: unknown): void;
}

/** What happens when a transaction can neither be committed nor rolled back. */
export type Fatal = () => void;

/**
 * The shop's book: one connection to its SQLite file. Reads are single statements. Writes that arrive together share one
 * transaction and one trip to the disk; each is whole or not at all, and its promise is fulfilled only when the commit
 * has returned.
 */
export class Book {
  private readonly raw: RawDatabase;
  /** Another number whenever anything that is shown may have changed: what was worked out at one stands while it does. */
  stamp = 0;
  /** Another number whenever a lathe or a thing of the kit may have changed: what is computed with them stands while it does. */
  shelfStamp = 0;
  private readonly statements = new Map<string, RawStatement>();
  private waiting: Work[] = [];
  private writing: Promise<void> | null = null;

  constructor(
    readonly file: string,
    private readonly fatal: Fatal = () => undefined,
    private readonly patience: number = PATIENCE,
  ) {
    this.raw = this.connect();
  }

  /** The driver's connection, for the ORM to share. */
  get connection(): RawDatabase {
    return this.raw;
  }

  all<T>(sql: string, ...values: readonly SqlValue[]): T[] {
    return this.statement(sql).all(values) as T[];
  }

  get<T>(sql: string, ...values: readonly SqlValue[]): T | undefined {
    return this.statement(sql).get(values) as T | undefined;
  }

  /** Only within the work of a write. How many rows changed. */
  run(sql: string, ...values: readonly SqlValue[]): number {
    if (!this.raw.inTransaction) throw new Error('A book is written within write().');
    return this.statement(sql).run(values).changes;
  }

  /**
   * Does some work in a transaction: all of it or, when it throws, none. Fulfilled when it is on the disk.
   * Errors: those of the work; book-busy when another program holds the file; book-broken.
   */
  write<T>(work: () => T, { quiet = false } = {}): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      let result: { value: T } | null = null;
      this.waiting.push({
        quiet,
        attempt: () => (result = { value: work() }),
        kept: () => resolve((result as unknown as { value: T }).value),
        refused: reject,
      });
      this.writing ??= this.drain().finally(() => {
        this.writing = null;
      });
    });
  }

  /** Takes everything that has come in since the last turn of the loop as one transaction, until nothing waits. */
  private async drain(): Promise<void> {
    await new Promise(setImmediate);
    while (this.waiting.length > 0) {
      const until = Date.now() + this.patience;
      try {
        while (!this.begun()) {
          if (Date.now() > until) throw busy();
          await pause(TRY_EVERY);
        }
      } catch (error) {
        for (const work of this.waiting.splice(0)) work.refused(error);
        continue;
      }
      this.writeTogether(this.waiting.splice(0));
      await new Promise(setImmediate);
    }
  }

  private begun(): boolean {
    if (this.dead) throw broken(null);
    try {
      this.raw.exec('begin immediate');
      return true;
    } catch (error) {
      if (isBusy(error)) return false;
      throw broken(error);
    }
  }

  private writeTogether(all: readonly Work[]): void {
    const written: Work[] = [];
    const refused: { work: Work; error: unknown }[] = [];
    try {
      for (const work of all) {
        const error = all.length === 1 ? this.alone(work) : this.within(work);
        if (error === undefined) written.push(work);
        else refused.push({ work, error });
      }
      this.raw.exec(written.length > 0 ? 'commit' : 'rollback');
    } catch (error) {
      this.endTransaction();
      for (const work of all) work.refused(isBusy(error) ? busy() : broken(error));
      return;
    }
    if (written.some((work) => !work.quiet)) this.stamp++;
    this.checkpointWhenIdle();
    for (const work of written) work.kept();
    for (const { work, error } of refused) work.refused(error);
  }

  /** The only work of its transaction: undone with it. */
  private alone(work: Work): unknown {
    try {
      work.attempt();
      return undefined;
    } catch (error) {
      if (sqliteCode(error)) throw error;
      return error ?? new Error('refused');
    }
  }

  /** One piece of work behind a savepoint; its own error is its own, one of the file is everybody's. */
  private within(work: Work): unknown {
    this.raw.exec('savepoint work');
    try {
      work.attempt();
      this.raw.exec('release work');
      return undefined;
    } catch (error) {
      if (sqliteCode(error)) throw error;
      this.raw.exec('rollback to work');
      this.raw.exec('release work');
      return error ?? new Error('refused');
    }
  }

  private resting: NodeJS.Timeout | undefined;

  /** Soon after the last write, so that even a copy of the one file alone is seldom short. */
  private checkpointWhenIdle(): void {
    clearTimeout(this.resting);
    this.resting = setTimeout(() => {
      if (this.raw.open && !this.raw.inTransaction) this.checkpoint('PASSIVE');
    }, IDLE);
    this.resting.unref();
  }

  /**
   * After a failed commit the transaction must be over, or every later write would run inside it and be lost with it. When
   * it cannot be ended nothing more is taken: only the end of the process lets the file go.
   */
  private endTransaction(): void {
    try {
      if (this.raw.inTransaction) this.raw.exec('rollback');
    } catch {
      // Said by inTransaction below.
    }
    if (!this.raw.inTransaction) return;
    this.dead = true;
    this.fatal();
  }

  private dead = false;

  private connect(): RawDatabase {
    const raw = openRaw(this.file);
    for (const pragma of PRAGMAS) raw.exec(pragma);
    return raw;
  }

  private statement(sql: string): RawStatement {
    const before = this.statements.get(sql);
    if (before) return before;
    // Whoever is still working something out as the server stops hears of it, and it is no fault of anything.
    if (!this.raw.open) throw stopped();
    const prepared = this.raw.prepare(sql);
    this.statements.set(sql, prepared);
    return prepared;
  }

  /** After the form of its tables has changed. */
  forget(): void {
    this.statements.clear();
  }

  /** Brings what was committed into the one file. What cannot be moved now stays in the -wal, where it is as safe. */
  checkpoint(how: 'PASSIVE' | 'TRUNCATE' = 'TRUNCATE'): void {
    try {
      this.raw.exec(`pragma wal_checkpoint(${how})`);
    } catch (error) {
      if (!isBusy(error)) throw error;
    }
  }

  /** The whole book as it is now into a new file, while it is being used. */
  copyInto(file: string): void {
    this.raw.prepare('vacuum into ?').run([file]);
  }

  /** Whether it can be written: writes a word and reads it again. */
  async writable(): Promise<boolean> {
    const at = new Date().toISOString();
    try {
      await this.write(() => this.run('update `book` set `written_at` = ?', at), { quiet: true });
      return this.get<{ at: string }>('select `written_at` as `at` from `book`')?.at === at;
    } catch {
      return false;
    }
  }

  /** Everything into the one file, so that a copy of it is the whole book. */
  async close(): Promise<void> {
    await this.writing;
    if (!this.raw.open) return;
    this.statements.clear();
    clearTimeout(this.resting);
    this.checkpoint();
    this.raw.close();
  }
}

export const isBusy = (error: unknown): boolean => /^SQLITE_(BUSY|LOCKED)/.test(sqliteCode(error) ?? '');

const busy = (): AnelloError =>
  new AnelloError(
    'book-busy',
    null,
    'Another program holds the book’s file. What you typed waits and is sent again shortly.',
  );

const stopped = (): AnelloError =>
  new AnelloError('book-broken', null, 'The server is being stopped. What you typed waits.');

function broken(error: unknown): AnelloError {
  if (error instanceof AnelloError) return error;
  const full = sqliteCode(error) === 'SQLITE_FULL';
  return new AnelloError(
    'book-broken',
    null,
    full
      ? 'The disk is full: nothing more can be kept until there is room. What you typed waits.'
      : 'The book’s file could not be written. What you typed waits; look at the server.',
  );
}
