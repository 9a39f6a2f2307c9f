import { randomInt } from 'node:crypto';
import { copyFileSync, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import type { Book } from './book';
import { besides, bookFile, sealFile, sessionFile } from './files';
import { checkIntegrity, judgeBook, judgeFile } from './judge';
import { lockFolder } from './lock';
import { MIGRATION_NAMES } from './migrations/names';
import { openRaw } from './raw';
import { Unfit } from './unfit';

const COPIES = 'copies';

/** A name that sorts by time: 2026-11-25T10-30-00. */
export const stampOf = (now: Date): string => now.toISOString().slice(0, 19).replaceAll(':', '-');

export const copiesFolder = (folder: string): string => join(folder, COPIES);

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
  const raw = openRaw(file);
  try {
    raw.exec('pragma busy_timeout = 10000');
    raw.prepare('vacuum into ?').run([copy]);
  } finally {
    raw.close();
  }
  sealCopy(copy);
  return copy;
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
 * Errors: Unfit when the copy is not sound or the folder is being served; nothing is touched then.
 */
export async function restoreBook(folder: string, copy: string): Promise<string> {
  const file = bookFile(folder);
  if (!existsSync(copy))
    throw new Unfit(`${copy}: no such file.`, 'Name a copy: they lie in the folder "copies".');
  const lock = lockFolder(folder);
  const coming = `${file}.coming`;
  try {
    copyFileSync(copy, coming);
    judgeFile(coming, MIGRATION_NAMES);
    sealCopy(coming);
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
