import { useRouter } from 'vue-router';
import { useJob } from '../../data/stores/job';
import { ofShape, type View } from './kind';
import { useJobModel, type JobModel } from './useJobModel';

export interface Go {
  /** Where a view of the shape in hand is. */
  path(view: View): string;
  to(view: View): Promise<unknown>;
}

/** To another view of the job, of the same shape where the view is of one. */
export function useGo({ shape, shapes }: JobModel = useJobModel()): Go {
  const job = useJob();
  const router = useRouter();
  const path = (view: View): string =>
    `/job/${job.id}/${view}` +
    (ofShape(view) && shape.value && shapes.value.length > 1 ? `/${shape.value.feature}` : '');
  return { path, to: (view) => router.push(path(view)) };
}
