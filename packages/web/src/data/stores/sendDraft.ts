import type { JobRow } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { request, ServerAway, StaleHere } from '../api';
import { dropDraft, readDraft, writeDraft, type Draft } from '../drafts';
import { merge } from '../merge';
import { newId } from '../newId';

/**
 * Sends one job's draft. What was typed meanwhile stays a draft over what the server now has; what somebody else changed
 * meanwhile is joined with it field by field, and only fields both changed are left to be settled. Answers the row when
 * it was taken. Errors: ServerAway.
 */
export async function sendDraft(draft: Draft): Promise<JobRow | null> {
  const { jobId, version, document, save } = draft;
  try {
    const row = await request<JobRow>('PUT', `/api/jobs/${jobId}`, { version, document, save });
    const now = readDraft(jobId);
    if (now?.save === save) dropDraft(jobId, save);
    // What the server has now may be more than what was sent: somebody saved while an answer was lost.
    else if (now) join({ ...now, base: document }, row);
    return row;
  } catch (error) {
    if (error instanceof ServerAway) throw error;
    if (error instanceof StaleHere) join(draft, error.current as JobRow);
    else refuse(draft, error);
    return null;
  }
}

function join(draft: Draft, current: JobRow): void {
  const now = { ...(readDraft(draft.jobId) ?? draft), base: draft.base };
  const { merged, clashes } = merge(now.base ?? ({} as Draft['document']), now.document, current.document);
  const { version } = current;
  const theirs = { version, document: current.document, clashes };
  if (clashes.length === 0)
    writeDraft({
      ...now,
      version,
      base: current.document,
      document: merged,
      save: newId(),
      theirs: undefined,
      broke: undefined,
    });
  else writeDraft({ ...now, document: merged, save: newId(), theirs });
}

function refuse(draft: Draft, error: unknown): void {
  const now = readDraft(draft.jobId);
  if (now && now.save !== draft.save) return;
  const why =
    error instanceof AnelloError ? error : new AnelloError('internal', null, 'This draft cannot be sent.');
  writeDraft({ ...draft, refused: why.toData() });
}
