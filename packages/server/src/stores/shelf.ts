import type { Aside } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Book } from '../db/book';
import { isBroken, Reader, type DocumentKind, type Readable, type Stored } from './readable';
import { saves } from './saves';
import { StaleVersion } from './staleVersion';

/** A shelf of versioned documents: lathes, kit, tapers. Nothing on it is ever deleted; it is archived. */
export interface Shelf<D extends { name: string }> extends DocumentKind<D> {
  readonly table: 'machine' | 'kit' | 'taper';
  /** In a sentence: "There is no such … here." */
  readonly noun: string;
  readonly reader: Reader<D>;
}

export const shelf = <D extends { name: string }>(given: Omit<Shelf<D>, 'reader'>): Shelf<D> => ({
  ...given,
  reader: new Reader(given),
});

export interface ShelfRow<D> extends Readable<D> {
  readonly id: string;
  readonly version: number;
}

/** Everything on a shelf, archived things included, by name; and what of it cannot be read. */
export function listShelf<D extends { name: string }>(
  book: Book,
  from: Shelf<D>,
): { rows: ShelfRow<D>[]; aside: Aside[] } {
  const rows: ShelfRow<D>[] = [];
  const aside: Aside[] = [];
  for (const stored of book.all<Stored>(`select \`id\`, \`version\`, \`document\` from \`${from.table}\``)) {
    const found = from.reader.read(book, stored);
    const { id, version, document } = stored;
    if (isBroken(found)) aside.push({ id, name: nameIn(document) ?? id, sentence: found.sentence });
    else rows.push({ id, version, ...found });
  }
  return { rows: rows.sort((a, b) => a.document.name.localeCompare(b.document.name)), aside };
}

const nameIn = (raw: string): string | null => /"(?:name|title)":"([^"\\]{1,60})"/.exec(raw)?.[1] ?? null;

/** One thing of a shelf. Errors: not-found; invalid-document when what is kept cannot be read. */
export function findOnShelf<D extends { name: string }>(book: Book, from: Shelf<D>, id: string): ShelfRow<D> {
  const row = stored(book, from, id);
  if (!row) throw new AnelloError('not-found', null, `There is no such ${from.noun} here.`);
  const found = from.reader.read(book, row);
  if (isBroken(found)) throw new AnelloError('invalid-document', null, found.sentence);
  return { id: row.id, version: row.version, ...found };
}

const stored = (book: Book, { table }: Pick<Shelf<never>, 'table'>, id: string): Stored | undefined =>
  book.get<Stored>(`select \`id\`, \`version\`, \`document\` from \`${table}\` where \`id\` = ?`, id);

/**
 * Puts a thing on a shelf. The same request sent twice does it once and answers what is kept.
 * Errors: id-taken; the core's, for what it could not open.
 */
export async function addToShelf<D extends { name: string }>(
  book: Book,
  on: Shelf<D>,
  id: string,
  document: D,
): Promise<ShelfRow<D>> {
  await book.write(() => putOnShelf(book, on, id, document));
  return findOnShelf(book, on, id);
}

/** The same, within the work of a write. */
export function putOnShelf<D extends { name: string }>(
  book: Book,
  on: Shelf<D>,
  id: string,
  document: D,
): void {
  on.reader.refuseUnopenable(document);
  const of = `${on.table} ${id}`;
  const before = stored(book, on, id);
  if (before) return saves.refuseOther(book, of, document, JSON.parse(before.document));
  book.run(
    `insert into \`${on.table}\` (\`id\`, \`version\`, \`document\`) values (?, 1, ?)`,
    id,
    JSON.stringify(document),
  );
  forgetLines(book, on);
  saves.noteNew(book, of, document);
}

/**
 * Saves a thing over the version it was read at; a save with an id of its own may be sent again.
 * Errors: not-found, stale-version (with the current one), id-taken; the core's.
 */
export async function saveOnShelf<D extends { name: string }>(
  book: Book,
  on: Shelf<D>,
  id: string,
  given: ShelfSave<D>,
): Promise<ShelfRow<D>> {
  on.reader.refuseUnopenable(given.document);
  const saved = await book.write(() => saveNow(book, on, id, given));
  const row = findOnShelf(book, on, id);
  if (!saved) throw new StaleVersion({ id: row.id, version: row.version, document: row.document });
  return row;
}

interface ShelfSave<D> {
  readonly version: number;
  readonly document: D;
  readonly save?: string | undefined;
}

/** The same, within the work of a write; false when it is not at that version. */
function saveNow<D extends { name: string }>(
  book: Book,
  on: Shelf<D>,
  id: string,
  { version, document, save }: ShelfSave<D>,
): boolean {
  const of = `${on.table} ${id}`;
  if (saves.done(book, save, of)) return true;
  const changed = book.run(
    `update \`${on.table}\` set \`document\` = ?, \`version\` = ? where \`id\` = ? and \`version\` = ?`,
    JSON.stringify(document),
    version + 1,
    id,
    version,
  );
  if (changed === 0) return false;
  saves.note(book, save, of, version + 1);
  forgetLines(book, on);
  return true;
}

/** Puts a thing in the place of the one that is there, within the work of a write. */
export function replaceOnShelf<D extends { name: string }>(
  book: Book,
  on: Shelf<D>,
  id: string,
  document: D,
): void {
  on.reader.refuseUnopenable(document);
  saveNow(book, on, id, { version: stored(book, on, id)?.version ?? 0, document });
}

/** A job's line of work goes by its lathe and the kit: its card is worked out again when it is asked for. */
function forgetLines(book: Book, { table }: Pick<Shelf<never>, 'table'>): void {
  if (table === 'taper') return;
  book.shelfStamp++;
  book.run('update `rack` set `progress` = null where `progress` is not null');
}

export const rowText = ({ id, version, text }: ShelfRow<unknown>): string =>
  `{"id":${JSON.stringify(id)},"version":${version},"document":${text}}`;
