import { MikroORM } from '@mikro-orm/libsql';
import { Migrator } from '@mikro-orm/migrations';
import { randomInt } from 'node:crypto';
import { accessSync, constants, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { Book, type Fatal } from './book';
import { copyBook } from './copies';
import { bookFile, sealFile, sessionFile } from './files';
import { APPLICATION_ID, judgeBook, sealOf, sessionIn } from './judge';
import { lockFolder } from './lock';
import { MIGRATION_NAMES, MIGRATIONS } from './migrations/registry';
import { sharedDialect } from './sharedDialect';
import { Unfit } from './unfit';

/** A shop's book, open and held for this process alone. */
export interface OpenBook {
  readonly book: Book;
  readonly orm: MikroORM;
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
    const book = new Book(file, fatal);
    const orm = await openOrm(book);
    await migrate(orm, book, folder, found === 'book');
    beginSession(book, folder);
    return {
      book,
      orm,
      fresh: book.get<{ begun: number }>('select `begun` from `book`')?.begun === 0,
      async close() {
        await orm.close();
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

const openOrm = (book: Book): Promise<MikroORM> =>
  MikroORM.init({
    dbName: book.file,
    // What lies in the book is asked for by SQL; the ORM has its connection and its migrations.
    entities: [],
    extensions: [Migrator],
    allowGlobalContext: true,
    discovery: { warnWhenNoEntities: false },
    migrations: { migrationsList: MIGRATIONS, snapshot: false, silent: true },
    driverOptions: { client: sharedDialect(book) },
    pool: { min: 1, max: 1 },
  });

async function migrate(orm: MikroORM, book: Book, folder: string, existed: boolean): Promise<void> {
  const pending = await orm.migrator.getPendingMigrations();
  if (pending.length === 0) return;
  if (existed) copyBook(book, folder, `before-${pending[0]?.name ?? 'migration'}`);
  await orm.migrator.up();
  book.forget();
}

/** Leaves this run's number in the file and beside it; see judgeWal for what they are compared for. */
function beginSession(book: Book, folder: string): void {
  const session = randomInt(1, 2 ** 31 - 1);
  const note = (sessions: readonly number[]): void =>
    writeFileSync(sessionFile(folder), JSON.stringify({ sessions }), { flush: true });
  note([sessionIn(book.file), session]);
  book.connection.exec(`pragma application_id = ${APPLICATION_ID}`);
  book.connection.exec(`pragma user_version = ${session}`);
  book.checkpoint();
  note([session]);
}
