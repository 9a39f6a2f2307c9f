import { BUNDLE_FORMAT, BUNDLE_SCHEMA, type JobDocument } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Book } from '../db/book';
import { findJob } from '../stores/jobs';
import { settingsInBook } from '../stores/machines';
import { peopleIn } from '../stores/people';
import { photosOf } from '../stores/photos';
import { recordsAfter, recordsInBook } from '../stores/records';
import { searchesIn } from '../stores/searches';
import { listShelf, rowText, type Shelf } from '../stores/shelf';
import { KIT, MACHINES, TAPERS } from '../stores/shelves';

/** Everything the shop has as one file, a piece of JSON at a time, so that a thick book never stands in memory whole. */
export function exportShop(book: Book): Generator<string> {
  return bundled({
    machines: shelfTexts(book, MACHINES),
    kit: shelfTexts(book, KIT),
    tapers: shelfTexts(book, TAPERS),
    jobs: jobTexts(book),
    records: recordsInBook(book),
    settings: settingsInBook(book),
    people: peopleIn(book).map(({ initials, name, may, archived }) =>
      JSON.stringify({ initials, name, may, archived }),
    ),
    searches: searchesIn(book).map((search) => JSON.stringify(search)),
    photos: photosOf(book, null).map((photo) => JSON.stringify(photo)),
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
    people: [],
    searches: [],
    photos: photosOf(book, ids).map((photo) => JSON.stringify(photo)),
  });
}

const PARTS = [
  'machines',
  'kit',
  'tapers',
  'jobs',
  'records',
  'settings',
  'people',
  'searches',
  'photos',
] as const;

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
