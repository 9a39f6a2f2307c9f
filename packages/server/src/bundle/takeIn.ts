import {
  migrateJobDocument,
  type BundleSort,
  type Imported,
  type JobDocument,
  type TakenAs,
} from '@anello/contract';
import { isDeepStrictEqual } from 'node:util';
import type { Book } from '../db/book';
import { putJob, replaceJob } from '../stores/jobs';
import { listShelf, putOnShelf, replaceOnShelf, type Shelf } from '../stores/shelf';

export interface Incoming<D> {
  readonly id: string;
  readonly document: D;
}

/** What becomes of one that is here under its id and differs. */
export type Choose = (sort: BundleSort, id: string) => TakenAs;

/** Where things of one sort are taken in: what is there, by which word they go, and how one is put there. */
export interface Place<D> {
  readonly sort: BundleSort;
  readonly present: Map<string, D>;
  readonly longest: number;
  /** What is hung on a name that is taken. */
  suffix(n: number): string;
  nameOf(document: D): string;
  withName(document: D, name: string): D;
  /** As it stands here once it is taken in: what it refers to may go by another id. */
  asHere(document: D): D;
  put(id: string, document: D): void;
  replace(id: string, document: D): void;
}

export const onShelf = <D extends { name: string }>(
  book: Book,
  sort: BundleSort,
  to: Shelf<D>,
): Place<D> => ({
  sort,
  present: new Map(listShelf(book, to).rows.map((row) => [row.id, row.document])),
  longest: 60,
  suffix: (n) => ` (${n})`,
  nameOf: ({ name }) => name,
  withName: (document, name) => ({ ...document, name }),
  asHere: (document) => document,
  put: (id, document) => putOnShelf(book, to, id, document),
  replace: (id, document) => replaceOnShelf(book, to, id, document),
});

/** A job whose lathe stands here under another id is of that one. */
export const onRack = (book: Book, lathes: ReadonlyMap<string, string | null>): Place<JobDocument> => ({
  sort: 'jobs',
  present: new Map(
    book
      .all<{ id: string; document: string }>('select `id`, `document` from `job`')
      .map(({ id, document }) => [id, readable(document)]),
  ),
  longest: 20,
  suffix: (n) => `-${n}`,
  nameOf: ({ number }) => number,
  withName: (document, number) => ({ ...document, number }),
  asHere: (document) => ({ ...document, machineId: lathes.get(document.machineId) ?? document.machineId }),
  put: (id, document) => putJob(book, id, document),
  replace: (id, document) => replaceJob(book, id, document),
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

/** Answers under which id each incoming thing now stands; null of what was left out. */
export function takeIn<D>(
  place: Place<D>,
  incoming: readonly Incoming<D>[],
  choose: Choose,
  outcome: Imported,
): Map<string, string | null> {
  const { present, nameOf } = place;
  const standing = new Map<string, string | null>();
  const names = new Set([...present.values()].map(nameOf));
  const add = (id: string, document: D): void => {
    place.put(id, document);
    present.set(id, document);
    names.add(nameOf(document));
  };
  for (const { id, document } of incoming) {
    const mine = present.get(id);
    const here = place.asHere(document);
    const name = nameOf(document);
    standing.set(id, id);
    if (mine === undefined && !names.has(name)) {
      add(id, here);
      outcome.added.push(name);
      continue;
    }
    // One that only has another's name is always taken in beside it: neither is in the other's place.
    const as = mine === undefined ? 'beside' : choose(place.sort, id);
    const beside = mine !== undefined && as === 'beside' ? alreadyBeside(place, here) : null;
    if (mine !== undefined && [document, here].some((one) => same(mine, one))) {
      outcome.same.push(name);
    } else if (beside) {
      standing.set(id, beside);
      outcome.same.push(name);
    } else {
      const called = as === 'beside' ? besideName(place, name, names) : null;
      if (as === 'left') standing.set(id, null);
      if (as === 'over') place.replace(id, withFreeName(place, id, here, names));
      if (called !== null) {
        const other = freeId(id, present);
        add(other, place.withName(here, called));
        standing.set(id, other);
        outcome.beside.push(called);
      }
      if (mine !== undefined)
        outcome.differ.push({
          sort: place.sort,
          id,
          name,
          as,
          beside: called,
          where: differences(mine, document),
        });
    }
  }
  return standing;
}

/** In the place of mine, under a name that no third one has. */
function withFreeName<D>(place: Place<D>, id: string, document: D, names: ReadonlySet<string>): D {
  const name = place.nameOf(document);
  const mine = place.present.get(id);
  if (mine !== undefined && place.nameOf(mine) === name) return document;
  return names.has(name) ? place.withName(document, besideName(place, name, names)) : document;
}

const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
const same = (one: unknown, other: unknown): boolean => isDeepStrictEqual(plain(one), plain(other));

/** The fields of two documents that are not the same. */
function differences(mine: unknown, theirs: unknown): string[] {
  const [a, b] = [plain(mine), plain(theirs)] as Record<string, unknown>[];
  const keys = new Set([...Object.keys(a ?? {}), ...Object.keys(b ?? {})]);
  return [...keys].filter((key) => !isDeepStrictEqual(a?.[key], b?.[key]));
}

/** As often as this a thing is looked for under a name with something hung on it. */
const MOST_BESIDE = 50;

/** Taken in before under another name: the same file twice adds nothing twice. */
function alreadyBeside<D>(place: Place<D>, document: D): string | null {
  const name = place.nameOf(document);
  const called = new Set(Array.from({ length: MOST_BESIDE }, (_, n) => namedBeside(place, name, n + 2)));
  for (const [id, other] of place.present)
    if (called.has(place.nameOf(other)) && same(place.withName(other, name), document)) return id;
  return null;
}

const namedBeside = <D>({ longest, suffix }: Place<D>, name: string, n: number): string =>
  name.slice(0, longest - suffix(n).length) + suffix(n);

function besideName<D>(place: Place<D>, name: string, taken: ReadonlySet<string>): string {
  for (let n = 2; ; n++) {
    const candidate = namedBeside(place, name, n);
    if (!taken.has(candidate)) return candidate;
  }
}

function freeId(id: string, present: ReadonlyMap<string, unknown>): string {
  for (let n = 2; ; n++) {
    const candidate = `${id.slice(0, 54)}-${n}`;
    if (!present.has(candidate)) return candidate;
  }
}
