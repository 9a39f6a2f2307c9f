import type { OperationBefore, OperationBeforeRow } from '@anello/contract';
import type { Ref } from 'vue';
import { useJob } from '../../data/stores/job';
import { useAsked } from './useAsked';

/** The same plain operation in other jobs of the shop. */
export function useOperationBefore(alike: () => string): Ref<readonly OperationBeforeRow[]> {
  const job = useJob();
  return useAsked<OperationBefore, OperationBeforeRow>(() => [
    `/api/jobs/${encodeURIComponent(job.id)}/operation-before?${new URLSearchParams({ alike: alike() })}`,
  ]);
}
