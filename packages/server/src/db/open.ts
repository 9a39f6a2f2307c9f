import { randomInt } from 'node:crypto';
import { accessSync, constants, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { Book, type Fatal } from './book';
import { copyBook } from './copies';
import { bookFile, sealFile, sessionFile } from './files';
import { APPLICATION_ID, judgeBook, migrationsIn, sealOf, sessionIn } from './judge';
import { lockFolder } from './lock';
import { MIGRATION_NAMES } from './migrations/names';
import { Unfit } from './unfit';

/** A shop's book, open and held for this process alone. */
export interface OpenBook {
  readonly book: Book;
  /** A new shop: nothing was ever put in it, and nobody has said that it begins empty. */
  readonly fresh: boolean;
  /** All of it into the one file, the lock let go. */
  close(): Promise<void>;
}

/**
 * Opens a data folder's book: locks the folder, judges the file before touching it, copies it before changing its form, and
 * brings it to the newest. Error: Unfit (nothing written over).
 */
export async function openBook(folder: string, fatal?: Fatal): Promise<OpenBook> {
  prepareFolder(folder);
  const lock = lockFolder(folder);
  try {
    const file = bookFile(folder);
    const found = judgeBook(folder, MIGRATION_NAMES);
    rmSync(sealFile(folder), { force: true });
    // Read before the book is open: to open and close its file once more would let go of the locks this process has on it.
    const before = found === 'book' ? sessionIn(file) : 0;
    const book = new Book(file, fatal);
    await bringToForm(book, folder, found === 'book');
    beginSession(book, folder, before);
    return {
      book,
      fresh: book.get<{ begun: number }>('select `begun` from `book`')?.begun === 0,
      async close() {
        await book.close();
        writeFileSync(sealFile(folder), JSON.stringify(sealOf(file)));
        lock.release();
      },
    };
  } catch (error) {
    lock.release();
    throw error;
  }
}

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK);
  } catch (error) {
    throw new Unfit(
      `Nothing can be written in ${folder}: ${(error as Error).message}.`,
      'See that the disk is not mounted for reading only and that the folder belongs to who starts Anello.',
    );
  }
}

async function bringToForm(book: Book, folder: string, existed: boolean): Promise<void> {
  const applied = migrationsIn(book.connection) ?? [];
  const pending = MIGRATION_NAMES.filter((name) => !applied.includes(name));
  if (pending.length === 0) return;
  if (existed) copyBook(book, folder, `before-${pending[0]}`);
  const { migrate } = await import('./migrate');
  await migrate(book);
}

/** Leaves this run's number in the file and beside it; see judgeWal for what they are compared for. */
function beginSession(book: Book, folder: string, before: number): void {
  const session = randomInt(1, 2 ** 31 - 1);
  const note = (sessions: readonly number[]): void =>
    writeFileSync(sessionFile(folder), JSON.stringify({ sessions }), { flush: true });
  note([before, session]);
  book.connection.exec(`pragma application_id = ${APPLICATION_ID}`);
  book.connection.exec(`pragma user_version = ${session}`);
  book.checkpoint();
  note([session]);
}
