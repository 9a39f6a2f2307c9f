import type { Before, BeforeRow } from '@anello/contract';
import { useJob } from '../../data/stores/job';
import { useJobModel } from '../model/useJobModel';
import { useAsked, type Asked } from './useAsked';

/** The same shape in other jobs of the shop. */
export function useBefore(): Asked<BeforeRow> {
  const job = useJob();
  const model = useJobModel();
  /** As it was last saved: only then is it found by another. */
  let held: number | null = null;
  function figure(): number | null {
    const now = model.taper.value?.task.halfAngle ?? model.eccentric.value?.throw ?? null;
    if (job.saveState === 'saved') held = now;
    return held;
  }
  return useAsked<Before, BeforeRow>(() => {
    const feature = model.shape.value?.feature;
    const address = `/api/jobs/${encodeURIComponent(job.id)}/before/${encodeURIComponent(feature ?? '')}`;
    return [feature ? address : null, figure()];
  });
}
