import { migrateJobDocument, newJobDocument, PRACTICE_MACHINE, type JobDocument } from '@anello/contract';
import { newId } from '../newId';
import { putPracticeJob } from './book';
import type { HiddenLathe, PracticeJob } from './kept';
import { PRACTICE, PRACTICE_LATHE_ID } from './names';

const LATHES = 1e6;
/** A lathe nobody knows. */
export const anyLathe = (): number => 1 + Math.floor(Math.random() * LATHES);

export type PracticeBegun = Pick<PracticeJob, 'feature' | 'until' | 'way' | 'exercise'> & {
  readonly hidden: HiddenLathe;
  /** What of the job's document it begins with. */
  readonly part: Partial<JobDocument>;
  readonly machineId?: string;
};

/** Puts a job on the practice lathe, and gives its id: it stays in this browser. */
export async function beginPractice({ part, machineId, ...rest }: PracticeBegun): Promise<string> {
  const id = `${PRACTICE}${newId()}`;
  const lathe = machineId ?? PRACTICE_LATHE_ID;
  const document = {
    ...newJobDocument({ number: 'P-1', title: PRACTICE_MACHINE.name, machineId: lathe }),
    ...part,
    machineId: lathe,
    quantity: 1,
  };
  const row = { id, version: 1, updatedAt: new Date().toISOString(), document: migrateJobDocument(document) };
  await putPracticeJob({ ...rest, id, row, records: [], ended: false });
  return id;
}
