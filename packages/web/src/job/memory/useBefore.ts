import type { Before, BeforeRow } from '@anello/contract';
import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { request } from '../../data/api';
import { useJob } from '../../data/stores/job';
import { useJobModel } from '../model/useJobModel';

/** The same shape in other jobs of the shop; nothing while the server is away: nothing waits for it. */
export function useBefore(): Ref<readonly BeforeRow[]> {
  const job = useJob();
  const model = useJobModel();
  const rows = ref<readonly BeforeRow[]>([]);
  let question = 0;
  async function ask(id: string, feature: string): Promise<void> {
    const mine = ++question;
    try {
      const address = `/api/jobs/${encodeURIComponent(id)}/before/${encodeURIComponent(feature)}`;
      const found = await request<Before>('GET', address);
      if (mine === question) rows.value = found.rows;
    } catch {
      // What was done before is a help and no more: without it the work goes on as ever.
      if (mine === question) rows.value = [];
    }
  }
  const figure = (): number | null =>
    model.taper.value?.task.halfAngle ?? model.eccentric.value?.throw ?? null;
  watch(
    // Asked again when the figure it goes by has been saved as another.
    () => [job.id, model.shape.value?.feature, figure(), job.saveState === 'saved'] as const,
    ([id, feature, , saved], before) => {
      const other = id !== before?.[0] || feature !== before[1];
      if (other) rows.value = [];
      if (feature && (other || saved)) void ask(id, feature);
    },
    { immediate: true },
  );
  onScopeDispose(() => void question++);
  return rows;
}
