import { createRequire } from 'node:module';

/** A prepared statement of the SQLite driver; values are always bound, never written into the text. */
export interface RawStatement {
  run(values: readonly SqlValue[]): { readonly changes: number };
  get(values: readonly SqlValue[]): unknown;
  all(values: readonly SqlValue[]): unknown[];
}
export type SqlValue = string | number | null | Uint8Array;

/** The driver's connection, as far as it is used here. */
export interface RawDatabase {
  readonly inTransaction: boolean;
  readonly open: boolean;
  prepare(sql: string): RawStatement;
  exec(sql: string): void;
  close(): void;
}

const Driver = createRequire(import.meta.url)('libsql') as new (file: string) => RawDatabase;

export const openRaw = (file: string): RawDatabase => new Driver(file);

/** The driver's own code of a failure, SQLITE_BUSY and the like; null for anything else. */
export const sqliteCode = (error: unknown): string | null => {
  const code = (error as { code?: unknown } | null)?.code;
  return typeof code === 'string' && code.startsWith('SQLITE_') ? code : null;
};
