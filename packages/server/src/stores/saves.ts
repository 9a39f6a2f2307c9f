import { AnelloError } from '@anello/core/basics';
import { createHash } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { Book } from '../db/book';

/** Saves older than this are never sent again, ms. */
const REMEMBERED = 90 * 24 * 3600 * 1000;

const digestOf = (document: unknown): string =>
  createHash('sha256').update(JSON.stringify(document)).digest('base64');

/**
 * What has been saved under which id, so that a save whose answer was lost may be sent again and is done once. All of
 * these only within the work of a write.
 */
export const saves = {
  /** Whether this very save was done before. Error: id-taken when the id was used for something else. */
  done(book: Book, save: string | undefined, of: string): boolean {
    if (save === undefined) return false;
    const before = book.get<{ of: string }>('select `of` from `save` where `id` = ?', save);
    if (before && before.of !== of) throw taken();
    return before !== undefined;
  },
  note(book: Book, save: string | undefined, of: string, version: number): void {
    if (save === undefined) return;
    const now = new Date();
    book.run(
      'insert into `save` (`id`, `of`, `version`, `at`) values (?, ?, ?, ?)',
      save,
      of,
      version,
      now.toISOString(),
    );
    book.run('delete from `save` where `at` < ?', new Date(now.getTime() - REMEMBERED).toISOString());
  },
  /** A new thing's first contents, so that the same request sent twice is told from another with its id. */
  noteNew(book: Book, of: string, document: unknown): void {
    book.run(
      'insert into `save` (`id`, `of`, `version`, `digest`, `at`) values (?, ?, 1, ?, ?) on conflict (`id`) do nothing',
      `new ${of}`,
      of,
      digestOf(document),
      new Date().toISOString(),
    );
  },
  /** Error: id-taken unless it is what was first kept under its id, or what is kept there now. */
  refuseOther(book: Book, of: string, document: unknown, current: unknown): void {
    const first = book.get<{ digest: string }>('select `digest` from `save` where `id` = ?', `new ${of}`);
    if (first?.digest === digestOf(document)) return;
    if (!isDeepStrictEqual(JSON.parse(JSON.stringify(document)), current)) throw taken();
  },
};

const taken = (): AnelloError =>
  new AnelloError('id-taken', 'id', 'Something else is already kept under this id.');
