import { coreFeatures, eccentricOfJob, isCurveJob, jobFacts, taperOfJob, valuesOf } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { USUAL_CUT } from '@anello/core/cutting';
import type { EccentricPart } from '@anello/core/eccentric';
import type { TravelAlong } from '@anello/core/gauging';
import { jobProgress, type JobProgress } from '@anello/core/job';
import type { Lathe } from '@anello/core/machine';
import { layoutPart, type PartLayout, type TaperOfPart } from '@anello/core/part';
import {
  schoolOf,
  schoolsFor,
  settingSteps,
  type SchoolChoice,
  type SettingContext,
  type SettingStep,
} from '@anello/core/setting';
import type { WayId } from '@anello/core/taper';
import { compareWays, wayOf, type Way, type WayChoice } from '@anello/core/ways';
import { computed, inject, provide, ref, type ComputedRef, type InjectionKey, type Ref } from 'vue';
import { useJob } from '../../data/stores/job';
import { useKit } from '../../data/stores/kit';
import { asStillSet, latheOf, stillSetOn, useShop } from '../../data/stores/shop';

export interface JobModel {
  readonly layout: ComputedRef<PartLayout>;
  readonly taper: ComputedRef<TaperOfPart | null>;
  readonly taperError: ComputedRef<AnelloError | null>;
  readonly lathe: ComputedRef<Lathe | null>;
  readonly stillSet: ComputedRef<ReturnType<typeof stillSetOn>>;
  readonly choice: ComputedRef<WayChoice | null>;
  readonly way: ComputedRef<WayId | null>;
  /** All there is to know of that way. */
  readonly wayChosen: ComputedRef<Way | null>;
  readonly context: ComputedRef<SettingContext | null>;
  /** The schools the chosen way can be set by here, and the one in use. */
  readonly schools: ComputedRef<readonly SchoolChoice[]>;
  readonly school: ComputedRef<SchoolChoice | null>;
  /** What the compound's travel is measured along, as the user said. */
  readonly measuredAlong: Ref<TravelAlong>;
  readonly steps: ComputedRef<readonly SettingStep[]>;
  readonly progress: ComputedRef<JobProgress | null>;
  /** The eccentric the job is about, where it has no taper. */
  readonly eccentric: ComputedRef<EccentricPart | null>;
  /** A curve or grooves, and neither taper nor eccentric. */
  readonly isCurve: ComputedRef<boolean>;
  /** The ways chosen for an eccentric and for a curve. */
  readonly chosen: ComputedRef<{ readonly eccentric: string | null; readonly curve: string | null }>;
  readonly cutFigures: ComputedRef<{
    stock?: number | undefined;
    roughDepth: number;
    lastStock: number;
    allowance: number;
  } | null>;
}

const KEY: InjectionKey<JobModel> = Symbol('job model');

/** Everything the core works out from the job on the screen, worked out once and shared by its stages. */
export function provideJobModel(): JobModel {
  const job = useJob();
  const shop = useShop();
  const kit = useKit();
  const layout = computed(() => layoutPart(job.document ? coreFeatures(job.document.features) : []));
  const solved = computed(() => solve(() => (job.document ? taperOfJob(job.document) : null)));
  const taper = computed(() => solved.value.taper);
  const machine = computed(() => (job.document ? (shop.byId(job.document.machineId) ?? null) : null));
  const lathe = computed(() => (machine.value ? latheOf(machine.value) : null));
  const stillSet = computed(() => (machine.value ? stillSetOn(machine.value) : []));
  const way = computed(() => job.document?.way?.id ?? null);
  const measuredAlong = ref<TravelAlong>('slide');
  const context = computed<SettingContext | null>(() =>
    taper.value && lathe.value
      ? {
          task: taper.value.task,
          lathe: lathe.value,
          kit: kit.core,
          blocksInUse: kit.blocksInUse,
          withoutWear: kit.withoutWear,
          measuredAlong: measuredAlong.value,
        }
      : null,
  );
  const cutting = computed(() => ({
    feed: job.document?.cut.feed?.value ?? USUAL_CUT.feed,
    noseRadius: job.document?.cut.noseRadius?.value ?? USUAL_CUT.noseRadius,
  }));
  const schools = computed(() => (context.value && way.value ? schoolsFor(way.value, context.value) : []));
  const school = computed(() => {
    if (!way.value) return null;
    const { id } = schoolOf(way.value, job.document?.way?.school);
    return schools.value.find((s) => s.id === id) ?? null;
  });
  const model: JobModel = {
    layout,
    taper,
    taperError: computed(() => solved.value.error),
    lathe,
    stillSet,
    choice: computed(() =>
      context.value
        ? compareWays({
            ...context.value,
            stillSet: asStillSet(stillSet.value),
            cutting: cutting.value,
          })
        : null,
    ),
    way,
    wayChosen: computed(() => (way.value ? wayOf(way.value) : null)),
    context,
    schools,
    school,
    measuredAlong,
    steps: computed(() =>
      context.value && way.value ? settingSteps(way.value, context.value, school.value?.id) : [],
    ),
    progress: computed(() => (job.document ? jobProgress(jobFacts(job.document), job.records) : null)),
    isCurve: computed(() => (job.document ? isCurveJob(job.document) : false)),
    eccentric: computed(() => (job.document ? eccentricOfJob(job.document) : null)),
    chosen: computed(() => ({
      eccentric: job.document?.eccentric?.way ?? null,
      curve: job.document?.curve?.way ?? null,
    })),
    cutFigures: computed(() => (job.document ? valuesOf(job.document.cut) : null)),
  };
  provide(KEY, model);
  return model;
}

function solve(work: () => TaperOfPart | null): { taper: TaperOfPart | null; error: AnelloError | null } {
  try {
    return { taper: work(), error: null };
  } catch (error) {
    if (error instanceof AnelloError) return { taper: null, error };
    throw error;
  }
}

/** The shared model; only inside a job's place. */
export function useJobModel(): JobModel {
  const model = inject(KEY);
  if (!model) throw new Error('useJobModel needs a job around it.');
  return model;
}
