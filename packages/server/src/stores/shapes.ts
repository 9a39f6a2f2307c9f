import { shapeKeys, type JobDocument, type ShapeKey } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { Book } from '../db/book';

/** What a job's shapes and features are known by; none of one whose figures cannot be laid out yet. */
function keysOf(document: JobDocument): ShapeKey[] {
  try {
    return shapeKeys(document);
  } catch (error) {
    if (error instanceof AnelloError) return [];
    throw error;
  }
}

/** Notes what the shapes and features of a job are found by. Only within the work of a write. */
export function putShapes(book: Book, jobId: string, version: number, document: JobDocument): void {
  book.run('delete from `shape` where `job_id` = ?', jobId);
  for (const { feature, kind, place, figure, series, size, way } of keysOf(document))
    book.run(
      'insert into `shape` (`job_id`, `feature`, `place`, `kind`, `figure`, `series`, `size`, `way`) values (?, ?, ?, ?, ?, ?, ?, ?)',
      jobId,
      feature,
      place,
      kind,
      figure,
      series,
      size,
      way,
    );
  book.run(
    'update `rack` set `shaped` = ?, `material` = ?, `due` = ?, `words` = ? where `job_id` = ?',
    version,
    document.material,
    document.due ?? null,
    [document.who, ...(document.tags ?? [])].filter(Boolean).join(' '),
    jobId,
  );
}
