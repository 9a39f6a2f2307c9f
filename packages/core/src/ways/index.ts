import { checked } from '../basics/publicFace';
import { attachmentBarShift as attachmentBarShift_ } from './attachmentBarShift';
import { attachmentCheck as attachmentCheck_ } from './attachmentCheck';
import { compareWays as compareWays_ } from './taper/choose';
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
import { compareCurveWays as compareCurveWays_ } from './curve/choose';
import { curveWayOf as curveWayOf_ } from './curve/registry';
import { compareEccentricWays as compareEccentricWays_ } from './eccentric/choose';
import { eccentricWayOf as eccentricWayOf_ } from './eccentric/registry';
import { wayOf as wayOf_ } from './taper/registry';

export type { WayChoice } from './taper/choose';
export { SCALE_NAMES } from './barScale';
export { STICK_OUT, type BarFit } from './boringBar';
export type { Assessment } from './assessment';
export type { CuttingFigures, Way, WayAssessment } from './taper/way';
export { CURVE_WAY_IDS, type CurveAssessment, type CurveWayId } from './curve/way';
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
export const wayOf = /* @__PURE__ */ checked(wayOf_);
export const curveWayOf = /* @__PURE__ */ checked(curveWayOf_);
export const eccentricWayOf = /* @__PURE__ */ checked(eccentricWayOf_);
