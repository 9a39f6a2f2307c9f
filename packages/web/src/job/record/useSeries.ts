import { workOf } from '@anello/contract';
import { batchSeries, type BatchSeries } from '@anello/core/job';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useJobModel } from '../model/useJobModel';
import { isTaper } from '@anello/core/part';

/** Every figure that was measured of the batch, piece by piece, with the stand-offs of its tapers among them. */
export function useSeries(): ComputedRef<BatchSeries[]> {
  const job = useJob();
  const { shapes } = useJobModel();
  return computed(() => {
    const { document } = job;
    if (!document) return [];
    const tapers = shapes.value.filter(isTaper).map(({ feature, name }) => ({
      feature,
      name,
      standOff: workOf(document, feature, 'taper').tolerance.standOff.value,
    }));
    return batchSeries(job.records, document.quantity, tapers);
  });
}
