import { approachOf } from '@anello/core/approach';
import { gainShown, latheLore, type GainShown, type Lore } from '@anello/core/infeed';
import { recordsOf, type KeptRecord, isPass } from '@anello/core/job';
import type { Book } from '../db/book';
import { findMachine } from './machines';
import { recordsAfter } from './records';

/** So many approaches are looked into, the newest jobs' first. */
const LOOKED_INTO = 16;
/** Jobs that are looked through for them. */
const JOBS = 40;

interface ShapeOf {
  readonly jobId: string;
  readonly feature: string;
  readonly place: number;
}

/**
 * What earlier approaches of a way on a lathe say of its tools, without those of the piece in hand. Others are answered between
 * one approach and the next: each is some milliseconds of computing. Error: not-found.
 */
export async function loreOf(
  book: Book,
  machineId: string,
  {
    way,
    job,
    piece,
  }: { readonly way: string; readonly job?: string | undefined; readonly piece?: number | undefined },
): Promise<Lore | null> {
  findMachine(book, machineId);
  const shapes = book.all<ShapeOf>(
    'select `shape`.`job_id` as `jobId`, `feature`, `place` from `shape` join `rack` on `rack`.`job_id` = `shape`.`job_id` where `rack`.`machine_id` = ? and `shape`.`way` = ? order by `rack`.`updated_at` desc limit ?',
    machineId,
    way,
    JOBS,
  );
  const shown: GainShown[] = [];
  for (const { jobId, feature, place } of shapes) {
    const records = recordsOf(recordsAfter(book, jobId, 0), feature, place === 0);
    for (const one of new Set(records.map((r) => r.piece))) {
      if (shown.length >= LOOKED_INTO) break;
      if (jobId === job && one === piece) continue;
      await new Promise(setImmediate);
      const found = shownBy(records, one);
      if (found) shown.push(found);
    }
  }
  return latheLore(shown, new Date().toISOString());
}

/** What the approach of one piece showed of the tool; null of nothing. */
export function shownBy(records: readonly KeptRecord[], piece: number): GainShown | null {
  const { passes, stock } = approachOf(records, piece);
  const last = records.filter((r) => r.piece === piece && isPass(r.body)).at(-1);
  return stock === null || !last ? null : gainShown({ passes, stock, at: last.at });
}
