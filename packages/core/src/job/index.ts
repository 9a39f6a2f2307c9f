import { checked } from '../basics/publicFace';
import { jobProgress as jobProgress_ } from './progress';
import { recordsOf as recordsOf_ } from './records/ofShape';
import { verdictOnPiece as verdictOnPiece_ } from './verdictOf';
import { batchSeries as batchSeries_ } from './batch';
import { lineProgress as lineProgress_ } from './lineOfWork';
import { settingInForce as settingInForce_ } from './settingInForce';
import { describeRecord as describeRecord_ } from './records/registry';
import { currentPiece as currentPiece_, ofKind as ofKind_, standing as standing_ } from './records/row';

export type { BatchSeries, BatchTaper, Drift } from './batch';
export type { LineOperation, LineProgress } from './lineOfWork';
export type { JobFacts, ShapeFacts, ShapeKind } from './facts';
export type { JobProgress, ShapeProgress } from './progress';
export { STAGES, type Stage, type StageState } from './stage';
export { FEELS, type Feel } from './records/felt';
export type { RecordBody, RecordKind } from './records/registry';
export type { BodyOf, KeptRecord, RecordOf } from './records/row';

export const jobProgress = /* @__PURE__ */ checked(jobProgress_);
export const settingInForce = /* @__PURE__ */ checked(settingInForce_);
export const lineProgress = /* @__PURE__ */ checked(lineProgress_);
export const batchSeries = /* @__PURE__ */ checked(batchSeries_);
export const currentPiece = /* @__PURE__ */ checked(currentPiece_);
export const ofKind = /* @__PURE__ */ checked(ofKind_);
export const standing = /* @__PURE__ */ checked(standing_);
export const describeRecord = /* @__PURE__ */ checked(describeRecord_);
export const recordsOf = /* @__PURE__ */ checked(recordsOf_);
export const verdictOnPiece = /* @__PURE__ */ checked(verdictOnPiece_);
