import { checked } from '../basics/publicFace';
import { attachmentBarShift as attachmentBarShift_ } from './attachmentBarShift';
import { attachmentCheck as attachmentCheck_ } from './attachmentCheck';
import { compareWays as compareWays_ } from './chooseWay';
import { compoundCheck as compoundCheck_ } from './compoundCheck';
import { tailstockSetOver as tailstockSetOver_ } from './tailstockSetOver';
import {
  toolHeightError as toolHeightError_,
  toolHeightLimit as toolHeightLimit_,
  toolHeightProfile as toolHeightProfile_,
} from './toolHeightError';
import { barReading as barReading_ } from './barScale';
import { fitBars as fitBars_, smallestBore as smallestBore_ } from './boringBar';
import { compoundInfeed as compoundInfeed_ } from './compoundInfeed';
import { compareCurveWays as compareCurveWays_ } from './curve/curveWays';
import { compareEccentricWays as compareEccentricWays_ } from './eccentric/registry';

export type { WayChoice } from './chooseWay';
export { SCALE_NAMES } from './barScale';
export { STICK_OUT, type BarFit } from './boringBar';
export { USUAL_CUT } from './finish';
export type { CuttingFigures, WayAssessment } from './way';
export { CURVE_WAY_IDS, type CurveAssessment, type CurveWayId } from './curve/curveWays';
export { ECCENTRIC_WAY_IDS, type EccentricAssessment, type EccentricWayId } from './eccentric/way';

export const attachmentBarShift = /* @__PURE__ */ checked(attachmentBarShift_);
export const attachmentCheck = /* @__PURE__ */ checked(attachmentCheck_);
export const compareWays = /* @__PURE__ */ checked(compareWays_);
export const compoundCheck = /* @__PURE__ */ checked(compoundCheck_);
export const tailstockSetOver = /* @__PURE__ */ checked(tailstockSetOver_);
export const toolHeightError = /* @__PURE__ */ checked(toolHeightError_);
export const toolHeightLimit = /* @__PURE__ */ checked(toolHeightLimit_);
export const toolHeightProfile = /* @__PURE__ */ checked(toolHeightProfile_);
export const barReading = /* @__PURE__ */ checked(barReading_);
export const fitBars = /* @__PURE__ */ checked(fitBars_);
export const smallestBore = /* @__PURE__ */ checked(smallestBore_);
export const compoundInfeed = /* @__PURE__ */ checked(compoundInfeed_);
export const compareCurveWays = /* @__PURE__ */ checked(compareCurveWays_);
export const compareEccentricWays = /* @__PURE__ */ checked(compareEccentricWays_);
