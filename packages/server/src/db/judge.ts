import { closeSync, existsSync, openSync, readFileSync, readSync, statSync } from 'node:fs';
import { bookFile, hasWal, sealFile, sessionFile } from './files';
import { openRaw, sqliteCode, type RawDatabase } from './raw';
import { Unfit } from './unfit';

/** "Anel", in the field SQLite keeps for a program's mark. */
export const APPLICATION_ID = 0x416e656c;
const HEADER = 'SQLite format 3\0';
const APPLICATION_ID_AT = 68;
const USER_VERSION_AT = 60;

const RESTORE =
  'Put back a copy with "npm run restore -- FILE", or move the file away to begin with an empty shop.';

/** What a file is found to be before anything is written to it. */
export type Found = 'nothing' | 'book';

/**
 * Looks at a data folder's book before it is served. Error: Unfit, saying what is wrong and what to do; nothing has been
 * written. `known` are the names of the migrations of this Anello.
 */
export function judgeBook(folder: string, known: readonly string[]): Found {
  const file = bookFile(folder);
  if (!existsSync(file)) {
    if (hasWal(file))
      throw new Unfit(
        `${file} is gone, but its -wal file is there.`,
        'Put the file back beside it, or move the -wal away.',
      );
    return 'nothing';
  }
  judgeHeader(file);
  judgeWal(folder, file);
  judgeContents(file, known, isSealed(folder, file));
  return 'book';
}

/** The same of a copy that lies alone. Error: Unfit. */
export function judgeFile(file: string, known: readonly string[]): void {
  judgeHeader(file);
  judgeContents(file, known, false);
}

function judgeHeader(file: string): void {
  const { size } = statSync(file);
  if (size === 0) throw new Unfit(`${file} is empty, as a copy that broke off would be.`, RESTORE);
  const head = headOf(file);
  if (head.toString('latin1', 0, HEADER.length) !== HEADER)
    throw new Unfit(`${file} is not a database, or its beginning is overwritten.`, RESTORE);
  const mark = head.readInt32BE(APPLICATION_ID_AT);
  if (mark !== 0 && mark !== APPLICATION_ID)
    throw new Unfit(
      `${file} is another program’s database.`,
      'Give Anello a folder of its own with ANELLO_DATA.',
    );
}

function headOf(file: string): Buffer {
  const head = Buffer.alloc(100);
  const handle = openSync(file, 'r');
  readSync(handle, head, 0, head.length, 0);
  closeSync(handle);
  return head;
}

/**
 * A -wal that was written for another state of the file would damage it when the two are joined: a copy laid over a book
 * whose process was killed. Every run leaves a number of its own in the file and beside it; they must agree.
 */
function judgeWal(folder: string, file: string): void {
  if (!hasWal(file) || !existsSync(sessionFile(folder))) return;
  const sessions = sessionsBeside(folder);
  if (sessions === null || sessions.includes(sessionIn(file))) return;
  throw new Unfit(
    `${file} was laid in beside the -wal file of another state of it; joined, they would damage each other.`,
    'To serve the copy alone, move anello.sqlite-wal and anello.sqlite-shm away first; "npm run restore -- FILE" does it all.',
  );
}

/** Null where that file was broken off: then only the book's own integrity is left to judge by. */
function sessionsBeside(folder: string): readonly number[] | null {
  try {
    return (JSON.parse(readFileSync(sessionFile(folder), 'utf8')) as { sessions: number[] }).sessions;
  } catch {
    return null;
  }
}

/** The number a run left in the file itself: SQLite's user version, read from its first page without the -wal. */
export const sessionIn = (file: string): number => headOf(file).readInt32BE(USER_VERSION_AT);

function judgeContents(file: string, known: readonly string[], sealed: boolean): void {
  let raw: RawDatabase | null = null;
  try {
    raw = openRaw(file);
    const applied = migrationsIn(raw);
    if (!applied)
      throw new Unfit(
        `${file} is another program’s database.`,
        'Give Anello a folder of its own with ANELLO_DATA.',
      );
    const newer = applied.find((name) => !known.includes(name));
    if (newer)
      throw new Unfit(
        `${file} was written by a newer Anello (${newer}).`,
        'Start that one, or put back an older copy.',
      );
    if (!sealed) checkIntegrity(raw, file);
  } catch (error) {
    throw error instanceof Unfit ? error : damaged(file, error);
  } finally {
    raw?.close();
  }
}

const MIGRATIONS_TABLE = 'mikro_orm_migrations';

/** The migrations a book has been through; null where it has no list of them. */
export function migrationsIn(raw: RawDatabase): string[] | null {
  const table = raw
    .prepare("select 1 from sqlite_master where type = 'table' and name = ?")
    .get([MIGRATIONS_TABLE]);
  if (!table) return null;
  return (raw.prepare(`select name from \`${MIGRATIONS_TABLE}\``).all([]) as { name: string }[]).map(
    (r) => r.name,
  );
}

/** Every page, every index against its table. Error: Unfit. */
export function checkIntegrity(raw: RawDatabase, file: string): void {
  const said = raw.prepare('pragma integrity_check(3)').all([]) as { integrity_check: string }[];
  if (said.length === 1 && said[0]?.integrity_check === 'ok') return;
  throw damaged(file, said.map((s) => s.integrity_check).join('; '));
}

const damaged = (file: string, why: unknown): Unfit =>
  new Unfit(
    sqliteCode(why) === 'SQLITE_BUSY' ||
      sqliteCode(why) === 'SQLITE_READONLY' ||
      sqliteCode(why) === 'SQLITE_CANTOPEN'
      ? `${file} cannot be opened for writing: ${(why as Error).message}.`
      : `${file} is damaged: ${why instanceof Error ? why.message : String(why)}.`,
    RESTORE,
  );

interface Seal {
  readonly size: number;
  readonly changed: number;
}

/** What a clean stop left: while the file is as it was then, it need not be read through again. */
export const sealOf = (file: string): Seal => {
  const { size, mtimeMs } = statSync(file);
  return { size, changed: mtimeMs };
};

function isSealed(folder: string, file: string): boolean {
  if (hasWal(file) || !existsSync(sealFile(folder))) return false;
  try {
    const seal = JSON.parse(readFileSync(sealFile(folder), 'utf8')) as Seal;
    const now = sealOf(file);
    return seal.size === now.size && seal.changed === now.changed;
  } catch {
    return false;
  }
}
