import { checked } from '../basics/publicFace';
import {
  lossCauseOf as lossCauseOf_,
  minutesLost as minutesLost_,
  tallyLosses as tallyLosses_,
} from './losses';
import { learnedMinutes as learnedMinutes_, learnedScale as learnedScale_ } from './learned';
import { workedMinutes as workedMinutes_ } from './workedMinutes';
import { holdsNow as holdsNow_ } from './holdsNow';
import { latheLikeness as latheLikeness_ } from './likeness';
import { operationStory as operationStory_ } from './operationStory';
import { shapeStory as shapeStory_ } from './shapeStory';

export type { Likeness, LikenessPoint, Told } from './likeness';
export { LOSS_CAUSES, type LossCause } from './lossCauses';
export type { HeldNow } from './holdsNow';
export type { Learned } from './learned';
export type { Loss, LossTally } from './losses';
export type { OperationStory } from './operationStory';
export type { ShapeStory, StorySetting } from './shapeStory';

export const holdsNow = /* @__PURE__ */ checked(holdsNow_);
export const latheLikeness = /* @__PURE__ */ checked(latheLikeness_);
export const learnedMinutes = /* @__PURE__ */ checked(learnedMinutes_);
export const learnedScale = /* @__PURE__ */ checked(learnedScale_);
export const lossCauseOf = /* @__PURE__ */ checked(lossCauseOf_);
export const minutesLost = /* @__PURE__ */ checked(minutesLost_);
export const tallyLosses = /* @__PURE__ */ checked(tallyLosses_);
export const workedMinutes = /* @__PURE__ */ checked(workedMinutes_);
export const operationStory = /* @__PURE__ */ checked(operationStory_);
export const shapeStory = /* @__PURE__ */ checked(shapeStory_);
