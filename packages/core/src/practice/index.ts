import { checked } from '../basics/publicFace';
import { adviceOn as adviceOn_ } from './advice';
import { exerciseOf as exerciseOf_ } from './exercises/registry';
import { nextLevel as nextLevel_ } from './nextLevel';

export {
  EXERCISE_IDS,
  type Exercise,
  type ExerciseId,
  type Knob,
  type Outcome,
  type Looks,
} from './exercise';
export { SIZE } from './exercises/toSize';
export type { Taken } from './advice';
export type { PastRun } from './nextLevel';

export const adviceOn = /* @__PURE__ */ checked(adviceOn_);
export const exerciseOf = /* @__PURE__ */ checked(exerciseOf_);
export const nextLevel = /* @__PURE__ */ checked(nextLevel_);
