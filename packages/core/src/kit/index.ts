import { checked } from '../basics/publicFace';
import { sineBarStack as sineBarStack_ } from './sineBarStack';
import { pinBlock as pinBlock_ } from './pinBlock';
import { gaugeBlockStack as gaugeBlockStack_ } from './gaugeBlockStack';
import { stackWithWear as stackWithWear_ } from './stackWithWear';
import { finest as finest_ } from './instrument';
import { pinBlockDesign as pinBlockDesign_ } from './pinBlockDesign';
import { materialNamed as materialNamed_ } from './material';

export type { PinPosition } from './pinBlock';
export type { BlockStack } from './gaugeBlockStack';
export type { WearStack } from './stackWithWear';
export { INSTRUMENT_TYPES, type Instrument, type InstrumentType } from './instrument';
export {
  NO_KIT,
  type BlockSet,
  type BoringBar,
  type Kit,
  type Master,
  type PinBlockOwned,
  type SineBar,
  type TaperReamer,
} from './kit';
export { METRIC_88 } from './blockSets';
export type { PinBlockDesign, PinBlockWish, PinHole, PinTaper } from './pinBlockDesign';
export { TOOL_MATERIALS, USUAL_MATERIALS, type Material, type ToolMaterial } from './material';

export const sineBarStack = /* @__PURE__ */ checked(sineBarStack_);
export const pinBlock = /* @__PURE__ */ checked(pinBlock_);
export const gaugeBlockStack = /* @__PURE__ */ checked(gaugeBlockStack_);
export const stackWithWear = /* @__PURE__ */ checked(stackWithWear_);
export const finest = /* @__PURE__ */ checked(finest_);
export const pinBlockDesign = /* @__PURE__ */ checked(pinBlockDesign_);
export const materialNamed = /* @__PURE__ */ checked(materialNamed_);
