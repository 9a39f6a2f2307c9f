import { AnelloError } from '@anello/core/basics';
import type { Book } from '../db/book';
import { cleanJpeg, type Jpeg } from '../photos/jpeg';

/** Of one job; more is an album. */
const MOST_PHOTOS = 500;

/**
 * Keeps a picture, once: the same id with the same picture again changes nothing. Errors: invalid-document (no JPEG),
 * not-found (job), record-differs (another picture is kept under this id), too-large (a job with too many).
 */
export async function keepPhoto(book: Book, id: string, jobId: string, given: Uint8Array): Promise<void> {
  const jpeg = cleanJpeg(given);
  await book.write(() => putPhoto(book, id, jobId, jpeg), { quiet: true });
}

/** The same, within the work of a write; false when it was here. */
export function putPhoto(book: Book, id: string, jobId: string, { bytes, width, height }: Jpeg): boolean {
  const before = findPhoto(book, id);
  if (before) {
    if (Buffer.compare(before, bytes) === 0) return false;
    throw new AnelloError('record-differs', 'id', 'Another photo is already kept under this id.');
  }
  refuseWithoutRoom(book, jobId);
  book.run(
    'insert into `photo` (`id`, `job_id`, `width`, `height`, `jpeg`) values (?, ?, ?, ?, ?)',
    id,
    jobId,
    width,
    height,
    bytes,
  );
  return true;
}

function refuseWithoutRoom(book: Book, jobId: string): void {
  const job = book.get<{ n: number }>(
    'select (select count(*) from `photo` where `job_id` = `job`.`id`) as `n` from `job` where `id` = ?',
    jobId,
  );
  if (!job) throw new AnelloError('not-found', 'jobId', 'There is no such job here.');
  if (job.n >= MOST_PHOTOS)
    throw new AnelloError('too-large', null, `A job has at most ${MOST_PHOTOS} photos.`);
}

/** The picture itself; null where there is none. */
export const findPhoto = (book: Book, id: string): Buffer | null =>
  book.get<{ jpeg: Buffer }>('select `jpeg` from `photo` where `id` = ?', id)?.jpeg ?? null;

/** Ids of the pictures of some jobs, or of all, with the job each is of. */
export const photosOf = (book: Book, jobs: readonly string[] | null): { id: string; jobId: string }[] =>
  jobs === null
    ? book.all('select `id`, `job_id` as `jobId` from `photo` order by `id`')
    : jobs.flatMap((job) =>
        book.all<{ id: string; jobId: string }>(
          'select `id`, `job_id` as `jobId` from `photo` where `job_id` = ? order by `id`',
          job,
        ),
      );
