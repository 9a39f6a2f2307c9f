import { AnelloError } from '@anello/core/basics';
import type { Book } from '../db/book';
import { findJob } from './jobs';
import { putShapes } from './shapes';

/** So many jobs are worked out in one write, so that others are answered between them. */
const BATCH = 25;

/** Works out the shapes of jobs that were kept before there was a place for them. Answers how many. */
export async function fillShapes(book: Book): Promise<number> {
  let filled = 0;
  for (let after = ''; ;) {
    const jobs = book.all<{ id: string }>(
      'select `job_id` as `id` from `rack` where `shaped` = 0 and `job_id` > ? order by `job_id` limit ?',
      after,
      BATCH,
    );
    const last = jobs.at(-1);
    if (!last) return filled;
    after = last.id;
    await book.write(() => jobs.forEach(({ id }) => (filled += fill(book, id) ? 1 : 0)), { quiet: true });
    await new Promise(setImmediate);
  }
}

/** One that cannot be read has no shapes to be found by; it is named on the rack. */
function fill(book: Book, id: string): boolean {
  try {
    const { version, document } = findJob(book, id);
    putShapes(book, id, version, document);
    return true;
  } catch (error) {
    if (error instanceof AnelloError) return false;
    throw error;
  }
}
