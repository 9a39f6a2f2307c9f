import { coreFeatures, jobFacts, shapesOf, type Shape } from '@anello/contract';
import { jobProgress, type JobProgress } from '@anello/core/job';
import type { Lathe } from '@anello/core/machine';
import { layoutPart, type PartLayout } from '@anello/core/part';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { latheOf, stillSetOn, useShop } from '../../data/stores/shop';

/** The part as a whole, the lathe it is made on, and how far its pieces have come. */
export interface PartModel {
  readonly layout: ComputedRef<PartLayout>;
  readonly lathe: ComputedRef<Lathe | null>;
  readonly stillSet: ComputedRef<ReturnType<typeof stillSetOn>>;
  /** What is worked by a loop of its own. */
  readonly shapes: ComputedRef<readonly Shape[]>;
  readonly progress: ComputedRef<JobProgress | null>;
}

export function makePartModel(): PartModel {
  const job = useJob();
  const shop = useShop();
  const machine = computed(() => (job.document ? (shop.byId(job.document.machineId) ?? null) : null));
  return {
    layout: computed(() => layoutPart(job.document ? coreFeatures(job.document.features) : [])),
    lathe: computed(() => (machine.value ? latheOf(machine.value) : null)),
    stillSet: computed(() => (machine.value ? stillSetOn(machine.value) : [])),
    shapes: computed(() => (job.document ? shapesOf(job.document) : [])),
    progress: computed(() => (job.document ? jobProgress(jobFacts(job.document), job.records) : null)),
  };
}
