import {
  BUNDLE_FORMAT,
  BUNDLE_SCHEMA,
  migrateJobDocument,
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
import { isDeepStrictEqual } from 'node:util';
import type { Book } from '../db/book';
import { findJob, putJob } from './jobs';
import { putSetting, settingsInBook } from './machines';
import { putRecord, recordsAfter, recordsInBook, sameOrRefused } from './records';
import { listShelf, putOnShelf, rowText, type Shelf } from './shelf';
import { KIT, MACHINES, TAPERS } from './shelves';

/** Everything the shop has as one file, a piece of JSON at a time, so that a thick book never stands in memory whole. */
export function exportShop(book: Book): Generator<string> {
  return bundled({
    machines: shelfTexts(book, MACHINES),
    kit: shelfTexts(book, KIT),
    tapers: shelfTexts(book, TAPERS),
    jobs: jobTexts(book),
    records: recordsInBook(book),
    settings: settingsInBook(book),
  });
}

/**
 * Some jobs as a file of the same form: with everything kept of them and the lathes they are made on, so that they can be
 * opened in another shop. Errors: not-found; invalid-document of a job that cannot be read.
 */
export function exportJobs(book: Book, ids: readonly string[]): Generator<string> {
  const jobs = ids.map((id) => findJob(book, id));
  const lathes = new Set(jobs.map(({ document }) => document.machineId));
  return bundled({
    machines: shelfTexts(book, MACHINES, lathes),
    kit: [],
    tapers: [],
    jobs: jobs.map(jobText),
    records: recordsOfJobs(book, ids),
    settings: [],
  });
}

const PARTS = ['machines', 'kit', 'tapers', 'jobs', 'records', 'settings'] as const;

function* bundled(parts: Readonly<Record<(typeof PARTS)[number], Iterable<string>>>): Generator<string> {
  yield `{"format":"${BUNDLE_FORMAT}","schema":${BUNDLE_SCHEMA}`;
  for (const name of PARTS) {
    yield `,\n"${name}":[`;
    yield* separated(parts[name]);
    yield ']';
  }
  yield '}\n';
}

const shelfTexts = <D extends { name: string }>(
  book: Book,
  from: Shelf<D>,
  only: ReadonlySet<string> | null = null,
): string[] =>
  listShelf(book, from)
    .rows.filter((row) => !only || only.has(row.id))
    .map((row) => rowText(row).replace(/,"version":\d+,/, ','));

const jobText = ({ id, document }: { id: string; document: JobDocument }): string =>
  `{"id":${JSON.stringify(id)},"document":${JSON.stringify(document)}}`;

function* recordsOfJobs(book: Book, ids: readonly string[]): Generator<string> {
  for (const id of ids)
    for (const { seq: _, ...record } of recordsAfter(book, id, 0)) yield JSON.stringify(record);
}

function* separated(pieces: Iterable<string>): Generator<string> {
  let first = true;
  for (const piece of pieces) {
    yield first ? piece : `,\n${piece}`;
    first = false;
  }
}

function* jobTexts(book: Book): Generator<string> {
  for (const { id } of book.all<{ id: string }>('select `id` from `job` order by `id`')) {
    try {
      yield jobText(findJob(book, id));
    } catch (error) {
      // One that cannot be read stays in the book and in its copies; it is named on the rack.
      if (!(error instanceof AnelloError)) throw error;
    }
  }
}

/**
 * Takes a bundle in, all of it or none. What is here already and the same is left; what is here and differs is
 * taken in beside it under a new name, so that nothing of this shop is ever overwritten.
 */
export function importShop(book: Book, bundle: Bundle): Promise<Imported> {
  return book.write(() => {
    const outcome: Imported = {
      added: [],
      same: [],
      beside: [],
      kept: 0,
      left: { withoutJob: 0, different: 0 },
    };
    const lathes = takeIn(
      onShelf<MachineDocument>(book, MACHINES),
      bundle.machines as Incoming<MachineDocument>[],
      outcome,
    );
    takeIn(onShelf<KitDocument>(book, KIT), bundle.kit, outcome);
    takeIn(onShelf<ShopTaper>(book, TAPERS), bundle.tapers, outcome);
    const jobs = takeIn(onRack(book), bundle.jobs as Incoming<JobDocument>[], outcome);
    const kept = bundle.records.map((record) => renamed(record as KeptRecord, jobs));
    // A record taken back and the one that takes it back travel together: each under its own new name.
    for (const record of kept)
      count(outcome, () => putRecord(book, record) || sameOrRefused(book, record) !== 'already');
    for (const setting of bundle.settings) {
      if (lathes.get(setting.machineId) === setting.machineId)
        count(outcome, () => putSetting(book, setting));
      else outcome.left.withoutJob++;
    }
    return outcome;
  });
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

/** A record of a job that was taken in under another id gets an id of its own, always the same for the same two. */
function renamed(record: KeptRecord, jobs: ReadonlyMap<string, string>): KeptRecord {
  const jobId = jobs.get(record.jobId) ?? record.jobId;
  if (jobId === record.jobId) return record;
  const body =
    record.body.kind === 'withdrawn'
      ? { ...record.body, record: idFrom(record.body.record, jobId) }
      : record.body;
  return { ...record, jobId, id: idFrom(record.id, jobId), body };
}

function idFrom(id: string, jobId: string): string {
  const hash = createHash('sha256').update(`${id} ${jobId}`).digest('hex');
  return `${hash.slice(0, 8)}-${hash.slice(8, 12)}-4${hash.slice(13, 16)}-8${hash.slice(17, 20)}-${hash.slice(20, 32)}`;
}

interface Incoming<D> {
  readonly id: string;
  readonly document: D;
}
type Outcome = Pick<Imported, 'added' | 'same' | 'beside'>;

/** Where things of one sort are taken in: what is there, by which word they go, and how one is put there. */
interface Place<D> {
  readonly present: Map<string, D>;
  nameOf(document: D): string;
  withName(document: D, name: string): D;
  readonly longest: number;
  put(id: string, document: D): void;
}

const onShelf = <D extends { name: string }>(book: Book, to: Shelf<D>): Place<D> => ({
  present: new Map(listShelf(book, to).rows.map((row) => [row.id, row.document])),
  nameOf: ({ name }) => name,
  withName: (document, name) => ({ ...document, name }),
  longest: 60,
  put: (id, document) => putOnShelf(book, to, id, document),
});

const onRack = (book: Book): Place<JobDocument> => ({
  present: new Map(
    book
      .all<{ id: string; document: string }>('select `id`, `document` from `job`')
      .map(({ id, document }) => [id, readable(document)]),
  ),
  nameOf: ({ number }) => number,
  withName: (document, number) => ({ ...document, number }),
  longest: 20,
  put: (id, document) => putJob(book, id, migrateJobDocument(document)),
});

/** As it is kept where it cannot be brought to the present form: it is only compared with. */
function readable(raw: string): JobDocument {
  const document = JSON.parse(raw) as JobDocument;
  try {
    return migrateJobDocument(document);
  } catch {
    return document;
  }
}

/** Answers under which id each incoming thing now stands. */
function takeIn<D>(
  { present, nameOf, withName, longest, put }: Place<D>,
  incoming: readonly Incoming<D>[],
  outcome: Outcome,
): Map<string, string> {
  const standing = new Map<string, string>();
  const names = (): Set<string> => new Set([...present.values()].map(nameOf));
  const add = (id: string, document: D): void => {
    put(id, document);
    present.set(id, document);
  };
  for (const { id, document } of incoming) {
    const mine = present.get(id);
    const beside = mine === undefined ? null : alreadyBeside(present, document, nameOf, withName);
    standing.set(id, id);
    if (mine === undefined && !names().has(nameOf(document))) {
      add(id, document);
      outcome.added.push(nameOf(document));
    } else if (mine !== undefined && isDeepStrictEqual(plain(mine), plain(document))) {
      outcome.same.push(nameOf(document));
    } else if (beside) {
      standing.set(id, beside);
      outcome.same.push(nameOf(document));
    } else {
      const name = besideName(nameOf(document), names(), longest);
      const newId = freeId(id, present);
      add(newId, withName(document, name));
      standing.set(id, newId);
      outcome.beside.push(name);
    }
  }
  return standing;
}

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));

/** Taken in before under another name: the same file twice adds nothing twice. */
function alreadyBeside<D>(
  present: ReadonlyMap<string, D>,
  document: D,
  nameOf: (document: D) => string,
  withName: (document: D, name: string) => D,
): string | null {
  for (const [id, other] of present)
    if (
      nameOf(other).startsWith(`${nameOf(document)} (`) &&
      isDeepStrictEqual(plain(withName(other, nameOf(document))), plain(document))
    )
      return id;
  return null;
}

function besideName(name: string, taken: ReadonlySet<string>, longest: number): string {
  for (let n = 2; ; n++) {
    const suffix = ` (${n})`;
    const candidate = name.slice(0, longest - suffix.length) + suffix;
    if (!taken.has(candidate)) return candidate;
  }
}

function freeId(id: string, present: ReadonlyMap<string, unknown>): string {
  for (let n = 2; ; n++) {
    const candidate = `${id.slice(0, 54)}-${n}`;
    if (!present.has(candidate)) return candidate;
  }
}
