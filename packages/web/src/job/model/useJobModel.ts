import { inject, provide, type InjectionKey } from 'vue';
import { makePartModel, type PartModel } from './partModel';
import { makeShapeModel, type ShapeModel } from './shapeModel';

/** The part, and the shape of it that is in hand. */
export interface JobModel extends PartModel, ShapeModel {}

const KEY: InjectionKey<JobModel> = Symbol('job model');

/**
 * Everything the core works out from the job on the screen, worked out once and shared by its stages. The shape in hand is
 * the one picked, or the first that is not proved yet.
 */
export function provideJobModel(picked: () => string | undefined = () => undefined): JobModel {
  const part = makePartModel();
  const model: JobModel = { ...part, ...makeShapeModel(part, picked) };
  provide(KEY, model);
  return model;
}

/** The shared model; only inside a job's place. */
export function useJobModel(): JobModel {
  const model = inject(KEY);
  if (!model) throw new Error('useJobModel needs a job around it.');
  return model;
}
