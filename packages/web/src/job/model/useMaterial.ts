import { materialOfJob } from '@anello/contract';
import type { Material } from '@anello/core/kit';
import { computed, onMounted, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';

/** The shop's table of materials, and the row this job is of: the one picked, or what its own words mean; none when neither says. */
export function useMaterial(): { rows: ComputedRef<readonly Material[]>; row: ComputedRef<Material | null> } {
  const job = useJob();
  const kit = useKit();
  onMounted(() => void (kit.loaded || kit.load()));
  const rows = computed(() => kit.core.materials);
  return {
    rows,
    row: computed(() => (job.document ? materialOfJob(job.document, rows.value) : null)),
  };
}
