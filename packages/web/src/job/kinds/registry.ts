import type { WorkKind } from '@anello/contract';
import { computed, provide, type ComputedRef } from 'vue';
import type { JobModel } from '../model/useJobModel';
import { CURVE } from './curve';
import { ECCENTRIC } from './eccentric';
import { JOB_KIND, VIEWS, type JobKind, type Load, type View } from '../model/kind';
import { TAPER } from './taper';

/** Every kind of shape. A new one is a file beside these and a line here. */
export const JOB_KINDS: Readonly<Record<WorkKind, JobKind>> = {
  taper: TAPER,
  eccentric: ECCENTRIC,
  curve: CURVE,
};

/** Tells the stages what kind of shape is in hand; a part that is plain all over goes as a taper that is not there. */
export function provideJobKind(model: JobModel): ComputedRef<JobKind> {
  const kind = computed(() => JOB_KINDS[model.shape.value?.kind ?? 'taper']);
  provide(JOB_KIND, kind);
  return kind;
}

/** The stages' views for a shape with none of its own. */
const EVERYBODYS: Readonly<Record<View, Load>> = {
  part: () => import('../part/PartStage.vue'),
  plan: () => import('../plan/PlanStage.vue'),
  work: () => import('../work/WorkStage.vue'),
  way: () => import('../taper/way/WayStage.vue'),
  set: () => import('../taper/set/SetStage.vue'),
  cut: () => import('../cut/CutStage.vue'),
  prove: () => import('../taper/prove/ProveStage.vue'),
  record: () => import('../record/RecordStage.vue'),
};

export const loadOf = (kind: JobKind, view: View): Load => kind.stages[view] ?? EVERYBODYS[view];

/** What else a job may want, fetched with its stages so that it is there when the server is not. */
const BESIDES: readonly (() => Promise<unknown>)[] = [
  () => import('../../ui/typeset'),
  () => import('../../ui/QuickSum.vue'),
  () => import('../../ui/TaperPicker.vue'),
  () => import('../taper/set/steps/StepDrawing.vue'),
  () => import('../taper/set/StackChoice.vue'),
  () => import('../shared/NoTaper.vue'),
  () => import('../../drawing/NudgePlan.vue'),
];

/** Everything a kind of job may show, to be fetched while nothing else is wanted. */
export const restOf = (kind: JobKind): readonly (() => Promise<unknown>)[] => [
  ...VIEWS.map((view) => loadOf(kind, view)),
  kind.passes,
  ...(kind.figures ? [kind.figures] : []),
  ...BESIDES,
];
