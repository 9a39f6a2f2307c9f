import type { OperationBeforeRow } from '@anello/contract';
import { operationStory } from '@anello/core/memory';
import { alikeInAnyMaterial } from '@anello/core/plan';
import type { Book } from '../db/book';
import { findJob } from './jobs';
import { recordsAfter } from './records';

/** So many are told, out of so many of the newest that were kept. */
const TOLD = 5;
const NEWEST = 400;

interface Found {
  readonly jobId: string;
  readonly operation: string;
}

/** Their index is of these words exactly. */
const ALIKE = "json_extract(`body`, '$.alike')";
const WORKED = "json_extract(`body`, '$.kind') = 'worked'";
const NEWEST_ALIKE = `select \`job_id\`, \`operation\`, \`seq\` from \`record\` where ${WORKED} and ${ALIKE} = ? and \`job_id\` <> ? and \`operation\` is not null order by \`seq\` desc limit ${NEWEST}`;
const SAME_MATERIAL = 'lower(trim(`rack`.`material`)) = lower(trim(?))';

/**
 * The same operation in other jobs, by what it is found again by: this lathe's first, then those in the same material, then
 * the newest. Other than a thread or a hole it is told in the same material only. Error: not-found (job).
 */
export function operationBefore(book: Book, jobId: string, alike: string): OperationBeforeRow[] {
  const { document } = findJob(book, jobId);
  const anyMaterial = alikeInAnyMaterial(alike);
  const found = book.all<Found>(
    `select \`r\`.\`job_id\` as \`jobId\`, \`r\`.\`operation\` from (${NEWEST_ALIKE}) as \`r\` join \`rack\` on \`rack\`.\`job_id\` = \`r\`.\`job_id\` ${anyMaterial ? '' : `where ${SAME_MATERIAL}`} group by \`r\`.\`job_id\`, \`r\`.\`operation\` order by (\`rack\`.\`machine_id\` = ?) desc, (${SAME_MATERIAL}) desc, max(\`r\`.\`seq\`) desc limit ${TOLD}`,
    alike,
    jobId,
    ...(anyMaterial ? [] : [document.material]),
    document.machineId,
    document.material,
  );
  return found.flatMap((one) => told(book, one));
}

function told(book: Book, { jobId, operation }: Found): OperationBeforeRow[] {
  const story = operationStory(recordsAfter(book, jobId, 0), operation);
  const job = book.get<{ number: string; title: string; machineId: string | null; material: string }>(
    'select `number`, `title`, `machine_id` as `machineId`, `material` from `rack` where `job_id` = ?',
    jobId,
  );
  if (!story || !job) return [];
  return [
    {
      ...job,
      machineId: job.machineId ?? '',
      jobId,
      operation,
      story: { ...story, notes: [...story.notes] },
    },
  ];
}
