import { shapesOf, type BeforeRow, type JobDocument } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { recordsOf } from '@anello/core/job';
import { shapeStory } from '@anello/core/memory';
import type { Book } from '../db/book';
import { findJob } from './jobs';
import { recordsAfter } from './records';

/** Figures that differ by less are the same: two numbers of one family of shanks differ by more. */
const SAME = 1e-3;
/** So many are told, and so many jobs looked into for them. */
const TOLD = 5;
const LOOKED_INTO = 24;

interface Found {
  readonly jobId: string;
  readonly feature: string;
}

/** With a plus before it a column has no index: the shape is looked up by its job then. */
const sameShape = (by: '' | '+'): string =>
  `${by}\`s\`.\`job_id\` <> ? and ${by}\`s\`.\`kind\` = ? and ${by}\`s\`.\`figure\` between ? and ?`;
/** More of them than this, and going back from the job worked last finds some sooner than sorting all of them. */
const MANY = 200;
const FEW = `from \`shape\` as \`s\` join \`rack\` as \`r\` on \`r\`.\`job_id\` = \`s\`.\`job_id\``;
/** In this order: first the job, by its index, then its shape. */
const FROM_NEWEST =
  'from `rack` as `r` indexed by `rack_newest_index` cross join `shape` as `s` on `s`.`job_id` = `r`.`job_id`';

/** Those on this lathe, the newest first, and after them those on others. */
function sameShapes(book: Book, machineId: string, same: readonly (string | number)[]): Found[] {
  const { n } = book.get<{ n: number }>(
    `select count(*) as \`n\` from (select 1 from \`shape\` as \`s\` where ${sameShape('')} limit ${MANY + 1})`,
    ...same,
  ) ?? { n: 0 };
  const [from, wanted] = n > MANY ? [FROM_NEWEST, sameShape('+')] : [FEW, sameShape('')];
  const found = (lathe: string, most: number): Found[] =>
    book.all<Found>(
      `select \`s\`.\`job_id\` as \`jobId\`, \`s\`.\`feature\` ${from} where ${lathe} and ${wanted} order by \`r\`.\`updated_at\` desc limit ?`,
      machineId,
      ...same,
      most,
    );
  const here = found('`r`.`machine_id` is ?', LOOKED_INTO);
  return [...here, ...found('`r`.`machine_id` is not ?', LOOKED_INTO - here.length)];
}

/**
 * The same taper or throw in other jobs, and how it went: this lathe's first, the newest first. Jobs in which nothing was
 * kept of it are not told. Error: not-found (job, or shape of it).
 */
export function beforeOf(book: Book, jobId: string, feature: string): BeforeRow[] {
  const { document } = findJob(book, jobId);
  const shape = shapesOf(document).find((one) => one.feature === feature);
  if (!shape) throw new AnelloError('not-found', 'feature', 'There is no such shape in this job.');
  const own = book.get<{ kind: string; figure: number | null }>(
    'select `kind`, `figure` from `shape` where `job_id` = ? and `feature` = ?',
    jobId,
    feature,
  );
  if (!own || own.figure === null) return [];
  const found = sameShapes(book, document.machineId, [
    jobId,
    own.kind,
    own.figure * (1 - SAME),
    own.figure * (1 + SAME),
  ]);
  const rows: BeforeRow[] = [];
  for (const one of found) {
    const row = told(book, one);
    if (row) rows.push(row);
    if (rows.length === TOLD) break;
  }
  return rows;
}

function told(book: Book, { jobId, feature }: Found): BeforeRow | null {
  const document = readable(book, jobId);
  if (!document) return null;
  const first = shapesOf(document)[0]?.feature === feature;
  const story = shapeStory(recordsOf(recordsAfter(book, jobId, 0), feature, first));
  if (!story) return null;
  const { number, title, machineId, material, work } = document;
  return {
    jobId,
    number,
    title,
    machineId,
    material,
    feature,
    work: work[feature] ?? null,
    // Not every way stands in its records: what was chosen then says the rest.
    story: { ...story, way: story.way ?? chosenIn(work[feature]), causes: [...story.causes] },
  };
}

const chosenIn = (work: JobDocument['work'][string] | undefined): string | null =>
  (typeof work?.way === 'object' ? work.way?.id : work?.way) ?? null;

/** One that cannot be read tells nothing; it is named on the rack. */
function readable(book: Book, jobId: string): JobDocument | null {
  try {
    return findJob(book, jobId).document;
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}
