import { randomInt } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { Book } from './book';
import { besides, bookFile, copiesFolder, sealFile, sessionFile } from './files';
import { checkIntegrity, judgeBook, judgeFile } from './judge';
import { lockFolder } from './lock';
import { MIGRATION_NAMES } from './migrations/names';
import { openRaw } from './raw';
import { Unfit } from './unfit';

/** A name that sorts by time: 2026-11-25T10-30-00. */
export const stampOf = (now: Date): string => now.toISOString().slice(0, 19).replaceAll(':', '-');

/** Copies the whole open book, as it is at this moment, into one file without a -wal, and reads it through. Answers the file. */
export function copyBook(book: Book, folder: string, name: string): string {
  mkdirSync(copiesFolder(folder), { recursive: true });
  const file = join(copiesFolder(folder), `${name}.sqlite`);
  rmSync(file, { force: true });
  book.copyInto(file);
  sealCopy(file);
  return file;
}

/**
 * Copies a folder's book into one file, whether it is being served or not, and reads the copy through. Answers the file.
 * Errors: Unfit when there is no book, or the copy is not sound.
 */
export function backUp(folder: string, to?: string): string {
  const file = bookFile(folder);
  if (!existsSync(file))
    throw new Unfit(`There is no book in ${folder}.`, 'Name its folder with ANELLO_DATA.');
  const copy = to ?? join(copiesFolder(folder), `${stampOf(new Date())}.sqlite`);
  if (existsSync(copy))
    throw new Unfit(`${copy} is there already.`, 'Nothing is written over: name another file.');
  judgeBook(folder, MIGRATION_NAMES);
  mkdirSync(dirname(copy), { recursive: true });
  vacuumInto(file, copy);
  return copy;
}

/**
 * A book's file as it is now into another, on a connection of its own, and that one read through. The book's file is opened
 * by SQLite alone: opened and closed by anything else of the process that serves it, its locks would be let go.
 */
export function vacuumInto(file: string, copy: string): void {
  const raw = openRaw(file);
  try {
    raw.exec('pragma busy_timeout = 10000');
    raw.prepare('vacuum into ?').run([copy]);
  } finally {
    raw.close();
  }
  sealCopy(copy);
}

/** What was written after the copy was made would be out of sight. A book that cannot be read has nothing to lose by it. */
function refuseNewer(file: string, copy: string): void {
  if (!existsSync(file)) return;
  const [here, there] = [writtenIn(file), writtenIn(copy)];
  if (!here || (there && there.at >= here.at)) return;
  const rows = here.records - (there?.records ?? 0);
  throw new Unfit(
    `The book here is newer than that copy: it was last written to on ${here.at}${rows > 0 ? `, and has ${rows} records more` : ''}.`,
    'Say "npm run restore -- FILE --force" to put the copy in its place all the same; the book is set aside whole.',
  );
}

function writtenIn(file: string): { at: string; records: number } | null {
  const raw = openRaw(file);
  try {
    const row = raw
      .prepare('select max(`updated_at`) as `at`, (select count(*) from `record`) as `records` from `rack`')
      .get([]) as { at: string | null; records: number };
    return row.at === null ? null : { at: row.at, records: row.records };
  } catch {
    return null;
  } finally {
    raw.close();
  }
}

/** A copy is of no run: its number must not be taken for that of a -wal it is ever laid beside. */
export function sealCopy(file: string): void {
  const raw = openRaw(file);
  try {
    raw.exec('pragma user_version = 0');
    checkIntegrity(raw, file);
  } finally {
    raw.close();
  }
}

/**
 * Puts a copy in the place of a folder's book. The copy is read through first; the old set goes aside whole. Answers where.
 * Errors: Unfit when the copy is not sound, the folder is being served, or the book there has what the copy has not and it
 * was not said to go on all the same; nothing is touched then.
 */
export async function restoreBook(
  folder: string,
  copy: string,
  { force = false }: { readonly force?: boolean } = {},
): Promise<string> {
  const file = bookFile(folder);
  if (!existsSync(copy))
    throw new Unfit(`${copy}: no such file.`, 'Name a copy: they lie in the folder "copies".');
  const lock = lockFolder(folder);
  const coming = `${file}.coming`;
  try {
    copyFileSync(copy, coming);
    judgeFile(coming, MIGRATION_NAMES);
    sealCopy(coming);
    if (!force) refuseNewer(file, coming);
    const aside = join(folder, `set-aside-${stampOf(new Date())}-${randomInt(1000)}`);
    mkdirSync(aside);
    for (const old of [file, ...besides(file), sealFile(folder), sessionFile(folder)])
      if (existsSync(old)) renameSync(old, join(aside, basename(old)));
    renameSync(coming, file);
    return aside;
  } finally {
    for (const left of [coming, ...besides(coming)]) rmSync(left, { force: true });
    lock.release();
  }
}
