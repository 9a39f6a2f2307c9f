import {
  mateLink,
  mateStart,
  putWork,
  workOf,
  type JobRow,
  type JobView,
  type MateStart,
} from '@anello/contract';
import { request, StaleHere } from '../../data/api';
import { newId } from '../../data/newId';

/** Saved over by somebody else meanwhile, it is read and tried again so often. */
const TRIES = 3;

const job = async (id: string): Promise<JobRow> =>
  (await request<JobView>('GET', `/api/jobs/${encodeURIComponent(id)}`)).job;

/** What a job's taper's mate begins with; null where it has no such taper, or its figures do not settle it. */
export async function startMate(id: string, feature: string): Promise<MateStart | null> {
  const { document } = await job(id);
  return mateStart(document, { id, feature });
}

/** Tells the taper a mate was begun from where that is made. Errors: as a save's, after a few tries. */
export async function linkBack(
  from: { readonly id: string; readonly feature: string },
  made: JobRow,
  feature: string,
): Promise<void> {
  for (let left = TRIES; ; left--) {
    const { version, document } = await job(from.id);
    putWork(document, from.feature, {
      ...workOf(document, from.feature, 'taper'),
      ...mateLink(made, feature),
    });
    try {
      await request<JobRow>('PUT', `/api/jobs/${encodeURIComponent(from.id)}`, {
        version,
        document,
        save: newId(),
      });
      return;
    } catch (error) {
      if (!(error instanceof StaleHere) || left <= 1) throw error;
    }
  }
}
