import type { LogRow } from '@anello/contract';
import { RECORD_KINDS, STAGES } from '@anello/core/job';

/** What kinds of kept rows are called when they are looked for, as the work goes: set, cut, proved, and the rest. */
export const KINDS = RECORD_KINDS.map(({ kind, called, stage = 'record' }) => ({
  value: kind,
  title: called,
  at: STAGES.indexOf(stage),
})).sort((a, b) => a.at - b.at || a.title.localeCompare(b.title));

/** The stage of a shape in which a kind of row is kept; the others are read on the record. */
const STAGE_OF = new Map(RECORD_KINDS.map(({ kind, stage }) => [kind, stage]));
/** Operations that have a loop of their own begin so. */
const LOOP = /^(taper|eccentric|curve|plunge)-/;

/** Where in its job a row was kept. */
export function placeOf({ record }: Pick<LogRow, 'record'>): string {
  const { jobId, operation, feature, body } = record;
  const job = `/job/${encodeURIComponent(jobId)}`;
  if (operation && !LOOP.test(operation)) return `${job}/work/${encodeURIComponent(operation)}`;
  const stage = STAGE_OF.get(body.kind);
  if (!stage) return `${job}/record`;
  return feature ? `${job}/${stage}/${encodeURIComponent(feature)}` : `${job}/${stage}`;
}
