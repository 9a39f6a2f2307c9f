import { STAGES, type Stage } from '@anello/core/job';
import { defineAsyncComponent, inject, type Component, type ComputedRef, type InjectionKey } from 'vue';
import type { JobModel } from './useJobModel';

/** A view, fetched when it is first wanted. */
export type Load = () => Promise<{ readonly default: Component }>;

/** What a job can be looked at by: its stages in order, and after the part its line of work. */
export type View = Stage | 'plan';
export const VIEWS: readonly View[] = STAGES.flatMap((stage): View[] =>
  stage === 'part' ? [stage, 'plan'] : [stage],
);

/** A kind of job, as the screens need to know it: a family, one file each. */
export interface JobKind {
  readonly id: string;
  /** Whether the job on the screen is of this kind. */
  is(model: JobModel): boolean;
  /** The stages it has views of its own for; the others are everybody's. */
  readonly stages: Readonly<Partial<Record<View, Load>>>;
  /** How it is cut: the first thing to look at on Cut. */
  readonly passes: Load;
  /** What stands beside its figures on Part. */
  readonly figures?: Load;
  /** What its views are given. */
  props(model: JobModel): Readonly<Record<string, unknown>>;
  /** Where the next piece begins, with what the last one proved still standing. */
  beginsAt(model: JobModel, kept: { readonly settings: number }): Stage;
}

export const JOB_KIND: InjectionKey<ComputedRef<JobKind>> = Symbol('job kind');

/** What kind of job is on the screen; only inside a job's place. */
export function useJobKind(): ComputedRef<JobKind> {
  const kind = inject(JOB_KIND);
  if (!kind) throw new Error('useJobKind needs a job around it.');
  return kind;
}

const views = new Map<Load, Component>();

/** A view by how it is fetched: the same component however often it is asked for. */
export function viewOf(load: Load): Component {
  const view = views.get(load) ?? defineAsyncComponent(load);
  views.set(load, view);
  return view;
}
