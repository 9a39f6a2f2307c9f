import type { Broke } from './broke';
import type { JobView, KitRow, MachineRow, TaperRow } from '@anello/contract';
import type { ErrorData } from '@anello/core/basics';
import type { KeptRecord } from '@anello/core/job';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Method } from './api';
import type { Draft } from './drafts';
import type { DoneStretch, PracticeJob } from './practice/kept';
import { MemoryBench } from './memoryBench';
import { DATABASE, STORE_KEYS } from './names';
import { sayTrouble } from './trouble';

/** A request waiting in the browser until the server has taken it. */
export interface Waiting {
  readonly seq?: number;
  readonly method: Exclude<Method, 'GET' | 'DELETE'>;
  readonly url: string;
  readonly body: unknown;
  /** Why the server will not take it; it is held for the user to see. */
  readonly refused?: ErrorData;
  /** The server broke on it: how often, and when it is tried again, ms. */
  readonly broke?: Broke;
}

/** A record the server has said it keeps: its mark is held for a while, in case a copy is put back there. */
export interface Acknowledged {
  readonly id: string;
  readonly at: number;
  readonly record: KeptRecord;
}

/** A picture the server has said it keeps, held for as long as the mark of its row. */
export interface Picture {
  /** The time, ms, a blank, and its id. */
  readonly key: string;
  readonly sent: Waiting['body'];
}

interface Schema extends DBSchema {
  outbox: { key: number; value: Waiting };
  /** Left by an older Anello; drafts lie in the store that is written at once. */
  drafts: { key: string; value: Omit<Draft, 'save'> };
  jobs: { key: string; value: JobView & { id: string } };
  machines: { key: string; value: MachineRow };
  kit: { key: string; value: KitRow };
  tapers: { key: string; value: TaperRow };
  acknowledged: { key: string; value: Acknowledged };
  /** Pictures the server has said it keeps, by when and their id: too large to be read through with the marks. */
  pictures: { key: string; value: Picture };
  /** Jobs of the practice lathe: this browser's alone. */
  practice: { key: string; value: PracticeJob };
  /** What was done at the practice lathe, a stretch at a time. */
  practiceDone: { key: string; value: DoneStretch };
}
type Stores = keyof { [K in keyof Schema as string extends K ? never : K]: true };
export type Bench = Pick<
  IDBPDatabase<Schema>,
  'getAll' | 'getAllKeys' | 'get' | 'put' | 'add' | 'delete' | 'clear' | 'count'
>;

const KEYS: Readonly<Record<Stores, string>> = STORE_KEYS;
/** A store that neither opens nor fails in this time is held open by another tab or broken, ms. */
const OPENS_IN = 4000;

let opened: Promise<Bench> | null = null;

/**
 * The browser's own store: what is kept here until the server has it, and what was last seen. Where it cannot be opened the
 * page's memory stands in for it, and that is said.
 */
export function bench(): Promise<Bench> {
  opened ??= open().catch((error: unknown) => {
    sayTrouble(error);
    return new MemoryBench(KEYS) as unknown as Bench;
  });
  return opened;
}

function open(): Promise<Bench> {
  const opening = openDB<Schema>(DATABASE.name, DATABASE.version, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('outbox', { keyPath: 'seq', autoIncrement: true });
        db.createObjectStore('drafts', { keyPath: 'jobId' });
        db.createObjectStore('jobs', { keyPath: 'id' });
        db.createObjectStore('machines', { keyPath: 'id' });
      }
      if (from < 2) {
        db.createObjectStore('kit', { keyPath: 'id' });
        db.createObjectStore('tapers', { keyPath: 'id' });
      }
      if (from < 3) db.createObjectStore('acknowledged', { keyPath: 'id' });
      if (from < 4) db.createObjectStore('pictures', { keyPath: 'key' });
      db.createObjectStore('practice', { keyPath: 'id' });
      db.createObjectStore('practiceDone', { keyPath: 'key' });
    },
  });
  const late = new Promise<never>((_, reject) =>
    setTimeout(() => reject(new Error('the browser’s store did not open')), OPENS_IN),
  );
  return Promise.race([opening, late]);
}

/** Puts what was last seen of a store in the place of what was seen before; only a convenience, so it may fail. */
export async function remember<S extends 'machines' | 'kit' | 'tapers'>(
  store: S,
  rows: readonly Schema[S]['value'][],
): Promise<void> {
  const db = await bench();
  try {
    await db.clear(store);
    for (const row of rows) await db.put(store, plain(row));
  } catch (error) {
    sayTrouble(error);
  }
}

/** A reactive proxy cannot be stored; this is the plain data behind it. */
export const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/** Asks the browser not to clear its store when room is short. */
export async function askToPersist(): Promise<void> {
  try {
    await navigator.storage?.persist?.();
  } catch {
    // It is only asked.
  }
}
