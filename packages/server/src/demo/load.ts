import { createJobSchema, createKitSchema, createMachineSchema, createTaperSchema } from '@anello/contract';
import type { Book } from '../db/book';
import { putAwayNow, putJob } from '../stores/jobs';
import { putSetting } from '../stores/machines';
import { putPerson } from '../stores/people';
import { putRecord } from '../stores/records';
import { putOnShelf } from '../stores/shelf';
import { KIT, MACHINES, TAPERS } from '../stores/shelves';
import { earlierWork } from './earlier';
import { demoRecords, demoSettings, earlierRecords } from './history';
import { DEMO_JOBS } from './jobs';
import { wanted } from './wanted';
import { DEMO_KIT, DEMO_MATERIALS, DEMO_TAPERS } from './kit';
import { DEMO_MACHINES } from './machines';

/** Who works at Quoin Lane. */
const DEMO_PEOPLE = [
  ['RK', 'Rosa Keel'],
  ['MT', 'Milo Tarn'],
  ['DO', 'Dara Orme'],
] as const;

/**
 * Fills a new book with the demo shop, all of it or nothing, checked as what a browser sends is. Does nothing to a book
 * that has begun.
 */
export function loadDemoShop(book: Book, now: Date): Promise<boolean> {
  return book.write(() => {
    if (!beginShop(book)) return false;
    for (const one of DEMO_MACHINES.map((m) => createMachineSchema.parse(m)))
      putOnShelf(book, MACHINES, one.id, one.document);
    for (const one of [...DEMO_KIT, ...DEMO_MATERIALS].map((k) => createKitSchema.parse(k)))
      putOnShelf(book, KIT, one.id, one.document);
    for (const [initials, name] of DEMO_PEOPLE) putPerson(book, initials, name);
    for (const one of DEMO_TAPERS.map((t) => createTaperSchema.parse(t)))
      putOnShelf(book, TAPERS, one.id, one.document);
    const earlier = earlierWork(now);
    for (const one of earlier.map(({ made }) => createJobSchema.parse(made)))
      putJob(book, one.id, one.document);
    for (const record of earlierRecords(earlier.flatMap(({ rows }) => rows)))
      if (!putRecord(book, record)) throw new Error(`The demo record ${record.id} was refused.`);
    for (const { made } of earlier) putAwayNow(book, made.id, true);
    for (const one of wanted(DEMO_JOBS, now).map((j) => createJobSchema.parse(j)))
      putJob(book, one.id, one.document);
    for (const record of demoRecords(now))
      if (!putRecord(book, record)) throw new Error(`The demo record ${record.id} was refused.`);
    for (const setting of demoSettings(now)) putSetting(book, setting);
    return true;
  });
}

/** Within the work of a write: false when the shop had begun before. */
const beginShop = (book: Book): boolean => book.run('update `book` set `begun` = 1 where `begun` = 0') > 0;

/** A shop that begins with nothing in it. */
export const beginEmpty = (book: Book): Promise<boolean> => book.write(() => beginShop(book));
