import { practiceRunSchema, type PracticeRun } from '@anello/contract';
import type { Book } from '../db/book';

/** So many of a person's are told: the newest. */
const TOLD = 300;

/** A person's runs at the practice lathe, the first of them first; one of an exercise that there is no more is left out. */
export function practiceRunsOf(book: Book, operator: string): PracticeRun[] {
  const rows = book.all<{ body: string }>(
    'select `body` from `practice_run` where `operator` = ? order by `at` desc limit ?',
    operator,
    TOLD,
  );
  return rows.reverse().flatMap(({ body }) => {
    const run = practiceRunSchema.safeParse(JSON.parse(body));
    return run.success ? [run.data] : [];
  });
}

/** Keeps a run; the same one again is kept once. */
export const keepPracticeRun = (book: Book, run: PracticeRun): Promise<void> =>
  book.write(
    () =>
      void book.run(
        'insert into `practice_run` (`id`, `operator`, `at`, `body`) values (?, ?, ?, ?) on conflict (`id`) do nothing',
        run.id,
        run.operator,
        run.at,
        JSON.stringify(run),
      ),
  );
