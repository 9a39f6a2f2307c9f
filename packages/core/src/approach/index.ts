import { checked } from '../basics/publicFace';
import { cutState as cutState_, dialForDiameter as dialForDiameter_, passTo as passTo_ } from './cutState';
import { lastReadings as lastReadings_, triesOf as triesOf_ } from './tries';
import { diameterAdvice as diameterAdvice_, diameterApproach as diameterApproach_ } from './diameter';
import { diameterMove as diameterMove_ } from './diameterMove';
import {
  diameterOnLathe as diameterOnLathe_,
  hardnessSeen as hardnessSeen_,
  passFrom as passFrom_,
  sizeOnLathe as sizeOnLathe_,
} from './onThisLathe';
import {
  approachAdvice as approachAdvice_,
  approachOf as approachOf_,
  evidenceOf as evidenceOf_,
  lastPrediction as lastPrediction_,
} from './approach';

export type { DiameterMove, DiameterStand } from './diameterMove';
export type { CutState } from './cutState';
export type { PassOn } from './onThisLathe';
export type { Try } from './tries';
export type { Approach } from './approach';
export { USUAL_RISK } from './usual';

export const cutState = /* @__PURE__ */ checked(cutState_);
export const dialForDiameter = /* @__PURE__ */ checked(dialForDiameter_);
export const passTo = /* @__PURE__ */ checked(passTo_);
export const passFrom = /* @__PURE__ */ checked(passFrom_);
export const diameterOnLathe = /* @__PURE__ */ checked(diameterOnLathe_);
export const hardnessSeen = /* @__PURE__ */ checked(hardnessSeen_);
export const sizeOnLathe = /* @__PURE__ */ checked(sizeOnLathe_);
export const lastReadings = /* @__PURE__ */ checked(lastReadings_);
export const triesOf = /* @__PURE__ */ checked(triesOf_);
export const diameterApproach = /* @__PURE__ */ checked(diameterApproach_);
export const diameterAdvice = /* @__PURE__ */ checked(diameterAdvice_);
export const diameterMove = /* @__PURE__ */ checked(diameterMove_);
export const approachAdvice = /* @__PURE__ */ checked(approachAdvice_);
export const approachOf = /* @__PURE__ */ checked(approachOf_);
export const evidenceOf = /* @__PURE__ */ checked(evidenceOf_);
export const lastPrediction = /* @__PURE__ */ checked(lastPrediction_);
