import { checked } from '../basics/publicFace';
import { adviceOn as adviceOn_ } from './advice/registry';
import { benchOf as benchOf_, whyNotTried as whyNotTried_ } from './bench/benchOf';
import { pieceFaults as pieceFaults_, pieceOf as pieceOf_ } from './pieces/registry';
import { coneTruth as coneTruth_, gaugeOfCone as gaugeOfCone_ } from './bench/conePlace';
import { exerciseOf as exerciseOf_ } from './exercises/registry';
import { nextLevel as nextLevel_ } from './nextLevel';
import { runStory as runStory_ } from './story';

export {
  EXERCISE_IDS,
  type Exercise,
  type ExerciseId,
  type Knob,
  type Outcome,
  type Looks,
} from './exercise';
export { SIZE } from './exercises/toSize';
export { CRAFT, type PracticeId } from './craft';
export { PIECE_IDS, type PieceExercise, type PieceId } from './pieces/piece';
export type { Bench, WorkTried } from './bench/bench';
export type { ConePlace, GaugeTry } from './bench/conePlace';
export type { Stand, Taken } from './advice/taken';
export { SPENT_ON, type RunStory, type SpentOn } from './story';
export type { PastRun } from './nextLevel';

export const adviceOn = /* @__PURE__ */ checked(adviceOn_);
export const benchOf = /* @__PURE__ */ checked(benchOf_);
export const whyNotTried = /* @__PURE__ */ checked(whyNotTried_);
export const gaugeOfCone = /* @__PURE__ */ checked(gaugeOfCone_);
export const coneTruth = /* @__PURE__ */ checked(coneTruth_);
export const pieceFaults = /* @__PURE__ */ checked(pieceFaults_);
export const pieceOf = /* @__PURE__ */ checked(pieceOf_);
export const exerciseOf = /* @__PURE__ */ checked(exerciseOf_);
export const nextLevel = /* @__PURE__ */ checked(nextLevel_);
export const runStory = /* @__PURE__ */ checked(runStory_);
