import { checked } from '../basics/publicFace';
import { jobProgress as jobProgress_, settingInForce as settingInForce_ } from './progress';
import { currentPiece as currentPiece_, ofKind as ofKind_, standing as standing_ } from './records';

export { STAGES, type JobFacts, type JobProgress, type Stage, type StageState } from './progress';
export {
  FEELS,
  type BodyOf,
  type Feel,
  type KeptRecord,
  type RecordBody,
  type RecordKind,
  type RecordOf,
} from './records';

export const jobProgress = /* @__PURE__ */ checked(jobProgress_);
export const settingInForce = /* @__PURE__ */ checked(settingInForce_);
export const currentPiece = /* @__PURE__ */ checked(currentPiece_);
export const ofKind = /* @__PURE__ */ checked(ofKind_);
export const standing = /* @__PURE__ */ checked(standing_);
