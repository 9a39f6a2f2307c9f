import { STAGES, type Stage } from '@anello/core/job';
import { defineAsyncComponent, inject, type Component, type ComputedRef, type InjectionKey } from 'vue';
import NotFetched from '../../ui/NotFetched.vue';
import type { JobModel } from './useJobModel';

/** A view, fetched when it is first wanted. */
export type Load = () => Promise<{ readonly default: Component }>;

/** What a job can be looked at by: its stages in order, and after the part its line of work. */
export type View = Stage | 'plan' | 'work';
export const VIEWS: readonly View[] = STAGES.flatMap((stage): View[] =>
  stage === 'part' ? [stage, 'plan', 'work'] : [stage],
);

const OF_THE_JOB: readonly View[] = ['part', 'plan', 'record'];
/** The steps of a shape's own loop. */
const OF_SHAPES: readonly View[] = ['way', 'set', 'cut', 'prove'];

/** Whether a view is of the shape in hand, rather than of the job or of a plain operation. */
export const ofShape = (view: View): boolean => OF_SHAPES.includes(view);

/** What the tabs lead to: the job's own views, and between them those of the operation in hand. */
export const viewsOf = (plain: boolean): readonly View[] =>
  VIEWS.filter((view) => OF_THE_JOB.includes(view) || ofShape(view) !== plain);

/** A kind of shape, as the screens need to know it: a family, one file each. */
export interface JobKind {
  readonly id: string;
  /** The stages it has views of its own for; the others are everybody's. */
  readonly stages: Readonly<Partial<Record<View, Load>>>;
  /** How it is cut: the first thing to look at on Cut. */
  readonly passes: Load;
  /** What stands beside its figures on Part. */
  readonly figures?: Load;
  /** Whether it can be cut as it stands; where it is not said it can. */
  ready?(model: JobModel): boolean;
  /** What its views are given. */
  props(model: JobModel): Readonly<Record<string, unknown>>;
  /** Where the next piece begins, with what the last one proved still standing. */
  beginsAt(kept: { readonly settings: number; readonly chosen: boolean }): Stage;
}

export const JOB_KIND: InjectionKey<ComputedRef<JobKind>> = Symbol('job kind');

/** What kind of shape is in hand; only inside a job's place. */
export function useJobKind(): ComputedRef<JobKind> {
  const kind = inject(JOB_KIND);
  if (!kind) throw new Error('useJobKind needs a job around it.');
  return kind;
}

const views = new Map<Load, Component>();

/** A view by how it is fetched: the same component however often it is asked for. */
export function viewOf(load: Load): Component {
  const view = views.get(load) ?? defineAsyncComponent({ loader: load, errorComponent: NotFetched });
  views.set(load, view);
  return view;
}
