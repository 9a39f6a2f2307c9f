import { checked } from '../basics/publicFace';
import { checkDue as checkDue_ } from './checkDue';
import { sineBarStack as sineBarStack_ } from './sineBarStack';
import { pinBlock as pinBlock_ } from './pinBlock';
import { gaugeBlockStack as gaugeBlockStack_ } from './gaugeBlockStack';
import { finest as finest_ } from './instrument';
import { pinBlockDesign as pinBlockDesign_ } from './pinBlockDesign';
import { drillSaid as drillSaid_ } from './drillSaid';
import { lubricantFor as lubricantFor_ } from './lubricant';
import { materialNamed as materialNamed_ } from './materialNamed';

export type { CheckDue, Checked } from './checkDue';
export { INSTRUMENT_TYPES, type Instrument } from './instrument';
export { NO_KIT, type Kit } from './kit';
export { USUAL_KIT, USUAL_PIN_BLOCK } from './things/usual';
export { METRIC_88 } from './blockSets';
export type { PinBlockDesign, PinBlockWish, PinHole } from './pinBlockDesign';
export { TOOL_MATERIALS, USUAL_MATERIALS, type Material, type ToolMaterial } from './material';

export const sineBarStack = /* @__PURE__ */ checked(sineBarStack_);
export const pinBlock = /* @__PURE__ */ checked(pinBlock_);
export const gaugeBlockStack = /* @__PURE__ */ checked(gaugeBlockStack_);
export const checkDue = /* @__PURE__ */ checked(checkDue_);
export const finest = /* @__PURE__ */ checked(finest_);
export const pinBlockDesign = /* @__PURE__ */ checked(pinBlockDesign_);
export const drillSaid = /* @__PURE__ */ checked(drillSaid_);
export const lubricantFor = /* @__PURE__ */ checked(lubricantFor_);
export const materialNamed = /* @__PURE__ */ checked(materialNamed_);
