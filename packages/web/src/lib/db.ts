import type { JobDocument, JobView, KitRow, MachineRow, TaperRow } from '@anello/contract';
import type { ErrorData } from '@anello/core';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Method } from './api';

/** A request waiting in the browser until the server has taken it. */
export interface Waiting {
  readonly seq?: number;
  readonly method: Exclude<Method, 'GET'>;
  readonly url: string;
  readonly body: unknown;
  /** Why the server will not take it; it is held for the user to see. */
  readonly refused?: ErrorData;
}

/** A job's document as typed, not yet taken by the server, and the version it was typed over. */
export interface Draft {
  readonly jobId: string;
  readonly version: number;
  readonly document: JobDocument;
}

interface Bench extends DBSchema {
  outbox: { key: number; value: Waiting };
  drafts: { key: string; value: Draft };
  jobs: { key: string; value: JobView & { id: string } };
  machines: { key: string; value: MachineRow };
  kit: { key: string; value: KitRow };
  tapers: { key: string; value: TaperRow };
}

let opened: Promise<IDBPDatabase<Bench>> | null = null;

/** The browser's own store: what is kept here until the server has it, and the last seen jobs. */
export function bench(): Promise<IDBPDatabase<Bench>> {
  opened ??= openDB<Bench>('anello', 2, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
        db.createObjectStore('drafts', { keyPath: 'jobId' });
        db.createObjectStore('jobs', { keyPath: 'id' });
        db.createObjectStore('machines', { keyPath: 'id' });
      }
      db.createObjectStore('kit', { keyPath: 'id' });
      db.createObjectStore('tapers', { keyPath: 'id' });
    },
  });
  return opened;
}

/** A reactive proxy cannot be stored; this is the plain data behind it. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
