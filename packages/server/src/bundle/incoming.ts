import {
  nothingImported,
  type Bundle,
  type Imported,
  type JobDocument,
  type KitDocument,
  type MachineDocument,
  type ShopTaper,
} from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { KeptRecord } from '@anello/core/job';
import { createHash } from 'node:crypto';
import type { Book } from '../db/book';
import { cleanJpeg } from '../photos/jpeg';
import { putSetting } from '../stores/machines';
import { peopleIn, putPerson } from '../stores/people';
import { putPhoto } from '../stores/photos';
import { putRecord, sameOrRefused } from '../stores/records';
import { putSearch, searchesIn } from '../stores/searches';
import { KIT, MACHINES, TAPERS } from '../stores/shelves';
import { onRack, onShelf, takeIn, type Choose, type Incoming } from './takeIn';

export interface TakingIn {
  readonly photos?: ReadonlyMap<string, Uint8Array>;
  /** Only to see what would come of it: nothing is written. */
  readonly trial?: boolean;
  /** Beside what is here, where it is not said. */
  readonly choose?: Choose;
}

/** Carries the outcome of a trial out of a write that must come to nothing. */
class Tried {
  constructor(readonly outcome: Imported) {}
}

/**
 * Takes a bundle in, all of it or none. What is here already and the same is left; what is here and differs is taken in
 * beside it under a new name, but where something else was chosen for it.
 */
export async function importShop(
  book: Book,
  bundle: Bundle,
  { photos = new Map(), trial = false, choose = () => 'beside' }: TakingIn = {},
): Promise<Imported> {
  try {
    return await book.write(() => {
      const outcome = takeAllIn(book, bundle, photos, choose);
      if (trial) throw new Tried(outcome);
      return outcome;
    });
  } catch (error) {
    if (error instanceof Tried) return error.outcome;
    throw error;
  }
}

function takeAllIn(
  book: Book,
  bundle: Bundle,
  photos: ReadonlyMap<string, Uint8Array>,
  choose: Choose,
): Imported {
  const outcome = nothingImported();
  const lathes = takeIn(
    onShelf<MachineDocument>(book, 'machines', MACHINES),
    bundle.machines as Incoming<MachineDocument>[],
    choose,
    outcome,
  );
  takeIn(onShelf<KitDocument>(book, 'kit', KIT), bundle.kit, choose, outcome);
  takeIn(onShelf<ShopTaper>(book, 'tapers', TAPERS), bundle.tapers, choose, outcome);
  const jobs = takeIn(onRack(book, lathes), bundle.jobs as Incoming<JobDocument>[], choose, outcome);
  for (const photo of bundle.photos) countPhoto(book, outcome, photo, photos.get(photo.id), jobs);
  for (const given of bundle.records) {
    if (jobs.get(given.jobId) === null) {
      outcome.left.unwanted++;
      continue;
    }
    // A record taken back and the one that takes it back travel together: each under its own new name.
    const record = renamed(given as KeptRecord, jobs);
    count(outcome, () => putRecord(book, record) || sameOrRefused(book, record) !== 'already');
  }
  for (const setting of bundle.settings) {
    const lathe = lathes.get(setting.machineId);
    if (lathe === setting.machineId) count(outcome, () => putSetting(book, setting));
    else if (lathe === null) outcome.left.unwanted++;
    else outcome.left.withoutJob++;
  }
  takePeopleIn(book, bundle.people, outcome);
  takeSearchesIn(book, bundle.searches, outcome);
  return outcome;
}

/** Whoever is here already is as this shop has them. */
function takePeopleIn(book: Book, people: Bundle['people'], outcome: Imported): void {
  const here = new Set(peopleIn(book).map(({ initials }) => initials));
  for (const person of people) {
    const isHere = here.has(person.initials);
    if (!isHere) putPerson(book, person.initials, person.name, person);
    outcome[isHere ? 'same' : 'added'].push(`${person.initials}, ${person.name}`);
  }
}

function takeSearchesIn(book: Book, searches: Bundle['searches'], outcome: Imported): void {
  const here = new Set(searchesIn(book).map(({ name }) => name));
  for (const search of searches) {
    const isHere = here.has(search.name);
    if (!isHere) putSearch(book, search);
    outcome[isHere ? 'same' : 'added'].push(search.name);
  }
}

/** Counts what became of one record or setting; one that cannot be taken in is left out, and the rest goes on. */
function count(outcome: Imported, put: () => boolean): void {
  try {
    if (put()) outcome.kept++;
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    outcome.left[error.code === 'record-differs' ? 'different' : 'withoutJob']++;
  }
}

function countPhoto(
  book: Book,
  outcome: Imported,
  { id, jobId }: Bundle['photos'][number],
  bytes: Uint8Array | undefined,
  jobs: ReadonlyMap<string, string | null>,
): void {
  const of = jobs.get(jobId);
  if (of === null) return void outcome.left.unwanted++;
  if (!bytes) return void outcome.left.photos++;
  try {
    const here = of ?? jobId;
    if (putPhoto(book, here === jobId ? id : idFrom(id, here), here, cleanJpeg(bytes))) outcome.photos++;
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    outcome.left.photos++;
  }
}

/** A record of a job that was taken in under another id gets an id of its own, always the same for the same two. */
function renamed(record: KeptRecord, jobs: ReadonlyMap<string, string | null>): KeptRecord {
  const jobId = jobs.get(record.jobId) ?? record.jobId;
  if (jobId === record.jobId) return record;
  const body = Object.fromEntries(
    Object.entries(record.body).map(([key, value]) => [
      key,
      REFERS.has(key) && typeof value === 'string' ? idFrom(value, jobId) : value,
    ]),
  ) as unknown as KeptRecord['body'];
  return { ...record, jobId, id: idFrom(record.id, jobId), body };
}
/** What in a row is the id of another, or of a photo. */
const REFERS = new Set(['record', 'photo', 'of']);

function idFrom(id: string, jobId: string): string {
  const hash = createHash('sha256').update(`${id} ${jobId}`).digest('hex');
  return `${hash.slice(0, 8)}-${hash.slice(8, 12)}-4${hash.slice(13, 16)}-8${hash.slice(17, 20)}-${hash.slice(20, 32)}`;
}
