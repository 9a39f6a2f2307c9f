import type { OperationBefore, OperationBeforeRow } from '@anello/contract';
import { useJob } from '../../data/stores/job';
import { useAsked, type Asked } from './useAsked';

/** The same plain operation in other jobs of the shop. */
export function useOperationBefore(alike: () => string): Asked<OperationBeforeRow> {
  const job = useJob();
  return useAsked<OperationBefore, OperationBeforeRow>(() => [
    `/api/jobs/${encodeURIComponent(job.id)}/operation-before?${new URLSearchParams({ alike: alike() })}`,
  ]);
}
