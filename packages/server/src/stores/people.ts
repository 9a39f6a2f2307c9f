import type { Person, Right, SavePerson } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import type { Book } from '../db/book';

const derive = promisify<string, Buffer, number, Buffer>(scrypt);
const BYTES = 32;
/** A shop has no more hands than this. */
const MOST = 200;

interface Row {
  readonly initials: string;
  readonly name: string;
  readonly may: Right;
  readonly archived: number;
  readonly secret: string | null;
}
const COLUMNS = '`initials`, `name`, `may`, `archived`, `secret`';

const personOf = ({ initials, name, may, archived, secret }: Row): Person => ({
  initials,
  name,
  may,
  archived: archived === 1,
  ownPassphrase: secret !== null,
});

/** Everybody of the shop, by initials. */
export const peopleIn = (book: Book): Person[] =>
  book.all<Row>(`select ${COLUMNS} from \`person\` order by \`initials\``).map(personOf);

const rowOf = (book: Book, initials: string): Row | undefined =>
  book.get<Row>(`select ${COLUMNS} from \`person\` where \`initials\` = ?`, initials);

/** One of them who is still here; null of anybody else. */
export function personHere(book: Book, initials: string): Person | null {
  const row = rowOf(book, initials);
  return row && row.archived === 0 ? personOf(row) : null;
}

/** Adds somebody, or changes what is known of them. Error: too-large (a shop with too many). */
export async function savePerson(
  book: Book,
  initials: string,
  { name, may, archived, passphrase }: SavePerson,
): Promise<Person> {
  const secret = typeof passphrase === 'string' ? await secretOf(passphrase) : null;
  return book.write(() => {
    const before = rowOf(book, initials);
    const { n } = book.get<{ n: number }>('select count(*) as `n` from `person`') ?? { n: 0 };
    if (!before && n >= MOST)
      throw new AnelloError('too-large', null, `A shop has at most ${MOST} people here.`);
    book.run(
      'insert into `person` (`initials`, `name`, `may`, `archived`, `secret`) values (?, ?, ?, ?, ?) on conflict (`initials`) do update set `name` = excluded.`name`, `may` = excluded.`may`, `archived` = excluded.`archived`, `secret` = excluded.`secret`',
      initials,
      name,
      may,
      archived ? 1 : 0,
      passphrase === undefined ? (before?.secret ?? null) : secret,
    );
    // Whoever has another passphrase now, or is gone, signs in again.
    if (passphrase !== undefined || archived) book.run('delete from `session` where `person` = ?', initials);
    return personOf(rowOf(book, initials) as Row);
  });
}

/** Adds somebody, who may do everything where nothing else is said, within the work of a write. */
export function putPerson(
  book: Book,
  initials: string,
  name: string,
  { may = 'write', archived = false }: Partial<Pick<Person, 'may' | 'archived'>> = {},
): void {
  book.run(
    'insert into `person` (`initials`, `name`, `may`, `archived`) values (?, ?, ?, ?)',
    initials,
    name,
    may,
    archived ? 1 : 0,
  );
}

/** Whether a passphrase is somebody's own, who is still here. */
export async function isOwnPassphrase(book: Book, initials: string, given: string): Promise<boolean> {
  const row = rowOf(book, initials);
  // Worked out all the same: how long it takes says nothing of who there is.
  const [salt = '', kept = ''] = (row?.secret ?? `${'0'.repeat(32)}:${'0'.repeat(2 * BYTES)}`).split(':');
  const found = await derive(given, Buffer.from(salt, 'hex'), BYTES);
  const fits = timingSafeEqual(found, Buffer.from(kept, 'hex'));
  return fits && row !== undefined && row.secret !== null && row.archived === 0;
}

async function secretOf(passphrase: string): Promise<string> {
  const salt = randomBytes(16);
  return `${salt.toString('hex')}:${(await derive(passphrase, salt, BYTES)).toString('hex')}`;
}
