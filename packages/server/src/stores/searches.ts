import { askedSchema, type Search } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Book } from '../db/book';

/** More than a shop would find its way among. */
const MOST = 60;

interface Row {
  readonly name: string;
  readonly asked: string;
}

/** The searches the shop keeps, by name; one that an older Anello asked otherwise is asked as far as it is understood. */
export const searchesIn = (book: Book): Search[] =>
  book
    .all<Row>('select `name`, `asked` from `search` order by `name` collate nocase')
    .map(({ name, asked }) => ({ name, asked: askedSchema.strip().catch({}).parse(JSON.parse(asked)) }));

/** Keeps a search under a name, in the place of one that had it. Error: too-large (a shop with too many). */
export function saveSearch(book: Book, search: Search): Promise<void> {
  return book.write(() => {
    const { n } = book.get<{ n: number }>(
      'select count(*) as `n` from `search` where `name` <> ?',
      search.name,
    ) ?? { n: 0 };
    if (n >= MOST) throw new AnelloError('too-large', null, `A shop keeps at most ${MOST} searches.`);
    putSearch(book, search);
  });
}

/** The same, within the work of a write, however many there are. */
export function putSearch(book: Book, { name, asked }: Search): void {
  book.run(
    'insert into `search` (`name`, `asked`, `at`) values (?, ?, ?) on conflict (`name`) do update set `asked` = excluded.`asked`, `at` = excluded.`at`',
    name,
    JSON.stringify(asked),
    new Date().toISOString(),
  );
}

/** Forgets a search; one that is not there is forgotten already. */
export const dropSearch = (book: Book, name: string): Promise<void> =>
  book.write(() => void book.run('delete from `search` where `name` = ?', name));
