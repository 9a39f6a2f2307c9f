import { existsSync } from 'node:fs';
import { join } from 'node:path';

/** The names of what lies in a data folder. */
export const bookFile = (folder: string): string => join(folder, 'anello.sqlite');
export const sealFile = (folder: string): string => join(folder, 'anello.sealed.json');
export const sessionFile = (folder: string): string => join(folder, 'anello.session.json');
/** What SQLite keeps beside a database while it is open, or after a process was killed. */
export const besides = (file: string): string[] => [`${file}-wal`, `${file}-shm`];
export const hasWal = (file: string): boolean => existsSync(`${file}-wal`);

/** Where a folder's copies lie, unless it was told another place. */
export const copiesFolder = (folder: string): string => join(folder, 'copies');
