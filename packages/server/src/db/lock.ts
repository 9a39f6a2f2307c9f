import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openRaw, sqliteCode, type RawDatabase } from './raw';
import { Unfit } from './unfit';

const LOCK = 'anello.lock';
const HOLDER = 'anello.lock.txt';

export interface FolderLock {
  release(): void;
}

/**
 * Holds a folder for one server. The lock is the operating system's, on a small SQLite file of its own: it goes with the
 * process however that ends, so there is never a stale one to clear. Error: Unfit when another process holds it.
 */
export function lockFolder(folder: string): FolderLock {
  let lock: RawDatabase | null = null;
  try {
    lock = openRaw(join(folder, LOCK));
    lock.exec('pragma journal_mode = delete');
    lock.exec('begin exclusive');
  } catch (error) {
    lock?.close();
    if (sqliteCode(error) !== 'SQLITE_BUSY') throw unwritable(folder, error);
    throw new Unfit(
      `Another Anello already serves ${folder} (${holder(folder)}).`,
      'Stop that one first, or give this one a folder of its own with ANELLO_DATA.',
    );
  }
  writeFileSync(join(folder, HOLDER), `process ${process.pid}, since ${new Date().toISOString()}`);
  const held = lock;
  return { release: () => held.close() };
}

const unwritable = (folder: string, error: unknown): Unfit =>
  new Unfit(
    `Nothing can be written in ${folder}: ${error instanceof Error ? error.message : String(error)}.`,
    'See that the disk is not full and not mounted for reading only, and that the folder belongs to who starts Anello.',
  );

function holder(folder: string): string {
  try {
    return readFileSync(join(folder, HOLDER), 'utf8');
  } catch {
    return 'another process';
  }
}
