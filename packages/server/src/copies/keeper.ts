import type { CopiesSaid } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statfsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Book } from '../db/book';
import { stampOf } from '../db/copies';
import { bookFile } from '../db/files';
import { outlived, type Copy } from './retention';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Looked at so soon after the start, and then so often, ms. */
const FIRST = 60_000;
const EVERY = 10 * 60_000;
/** A book that was written to is copied once a day; what was written is said to be overdue for its copy after so long. */
const DUE = DAY;
const OVERDUE = 3 * DAY;
/** Less room than this, or than a few more copies take, is said. */
const LEAST_ROOM = 200 * 1024 * 1024;
const ROOM_FOR = 4;

/** Names sort by time; those made by itself are the only ones it ever takes away. */
const OWN = /^daily-(\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d)\.sqlite$/;
const ANY = /(\d{4}-\d\d-\d\dT\d\d-\d\d-\d\d)\.sqlite$/;
const timeIn = (stamp: string): Date =>
  new Date(
    stamp.replace(/T(\d\d)-(\d\d)-(\d\d)$/, (_, h: string, m: string, s: string) => `T${h}:${m}:${s}Z`),
  );

export interface KeeperOptions {
  readonly book: Book;
  readonly dataFolder: string;
  /** Where the copies lie. */
  readonly folder: string;
  /** Copies the book of a data folder into a file and reads it through, beside whoever asks. */
  copy(dataFolder: string, file: string): Promise<void>;
  now?(): Date;
}

/** Keeps copies of the book: one a day while it is written to, thinned out to weeks and months, and one whenever asked. */
export class Keeper {
  private running: Promise<string> | null = null;
  private failed: string | null = null;
  private timer: NodeJS.Timeout | undefined;

  constructor(private readonly options: KeeperOptions) {}

  /** From now on by itself. */
  start(): void {
    const look = (): void => {
      void this.lookAfter().catch(() => undefined);
      this.timer = setTimeout(look, EVERY);
      this.timer.unref();
    };
    this.timer = setTimeout(look, FIRST);
    this.timer.unref();
  }

  async stop(): Promise<void> {
    clearTimeout(this.timer);
    await this.running?.catch(() => undefined);
  }

  /** Copies the book if that is due, and takes away what has outlived its use. */
  async lookAfter(): Promise<void> {
    if (this.since(DUE)) await this.make('daily-');
    for (const { name } of outlived(this.own())) rmSync(join(this.options.folder, name), { force: true });
  }

  /** A copy now, by whoever asks. Its name. Error: book-broken when it could not be made. */
  make(prefix = ''): Promise<string> {
    this.running ??= this.copied(prefix).finally(() => (this.running = null));
    return this.running;
  }

  /** What is there, and whether anybody should do something about it. */
  said(): CopiesSaid {
    const { folder, dataFolder } = this.options;
    const copies = this.all();
    const { bavail, blocks, bsize } = statfsSync(existsSync(folder) ? folder : dataFolder);
    const book = sizeOf(bookFile(dataFolder));
    const free = bavail * bsize;
    return {
      folder,
      copies: copies.map(({ name, at }) => ({
        name,
        at: at.toISOString(),
        bytes: sizeOf(join(folder, name)),
        own: OWN.test(name),
      })),
      last: copies[0]?.at.toISOString() ?? null,
      overdue: this.since(OVERDUE),
      failed: this.failed,
      book,
      free,
      whole: blocks * bsize,
      nearlyFull: free < Math.max(LEAST_ROOM, ROOM_FOR * book),
    };
  }

  private async copied(prefix: string): Promise<string> {
    const { folder, dataFolder } = this.options;
    const name = `${prefix}${stampOf(this.now())}.sqlite`;
    // Under another name until it was read through: what has a copy's name is one.
    const coming = join(folder, `${name}.coming`);
    try {
      mkdirSync(folder, { recursive: true });
      rmSync(coming, { force: true });
      await this.options.copy(dataFolder, coming);
      renameSync(coming, join(folder, name));
      this.failed = null;
      return name;
    } catch (error) {
      rmSync(coming, { force: true });
      this.failed = error instanceof Error ? error.message : String(error);
      throw new AnelloError('book-broken', null, `The book could not be copied: ${this.failed}`);
    }
  }

  /** Something was written that no copy has, and the last copy, or the first row where there is none, is older than so long. */
  private since(long: number): boolean {
    const { first, last } = this.options.book.get<{ first: string | null; last: string | null }>(
      'select min(`updated_at`) as `first`, max(`updated_at`) as `last` from `rack`',
    ) ?? { first: null, last: null };
    if (!first || !last) return false;
    const copied = this.all()[0]?.at;
    if (copied && copied.getTime() >= Date.parse(last)) return false;
    return this.now().getTime() - (copied?.getTime() ?? Date.parse(first)) >= long;
  }

  /** Every copy that says its time, the newest first. */
  private all(): Copy[] {
    return this.named(ANY);
  }

  private own(): Copy[] {
    return this.named(OWN);
  }

  private named(form: RegExp): Copy[] {
    const { folder } = this.options;
    if (!existsSync(folder)) return [];
    return readdirSync(folder)
      .flatMap((name) => {
        const stamp = form.exec(name)?.[1];
        return stamp ? [{ name, at: timeIn(stamp) }] : [];
      })
      .sort((a, b) => b.at.getTime() - a.at.getTime());
  }

  private now(): Date {
    return this.options.now?.() ?? new Date();
  }
}

const sizeOf = (file: string): number => (existsSync(file) ? statSync(file).size : 0);
