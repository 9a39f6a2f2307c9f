import { checked } from '../basics/publicFace';
import { attachmentBarShift as attachmentBarShift_ } from './attachmentBarShift';
import { attachmentCheck as attachmentCheck_ } from './attachmentCheck';
import { compareWays as compareWays_ } from './taper/choose';
import { compoundCheck as compoundCheck_ } from './compoundCheck';
import { tailstockSetOver as tailstockSetOver_ } from './tailstockSetOver';
import { toolHeightError as toolHeightError_ } from './toolHeightError';
import { barLacks as barLacks_, fitBars as fitBars_ } from './boringBar';
import { compoundInfeed as compoundInfeed_ } from './compoundInfeed';
import { compareCurveWays as compareCurveWays_ } from './curve/choose';
import { plungesCurve as plungesCurve_ } from './curve/way';
import { compareEccentricWays as compareEccentricWays_ } from './eccentric/choose';
import { eccentricWayOf as eccentricWayOf_ } from './eccentric/registry';
import { wayName as wayName_ } from './wayName';
import { wayOf as wayOf_ } from './taper/registry';

export { NAMED_WAYS } from './wayName';
export type { WayChoice } from './taper/choose';

export { STICK_OUT } from './boringBar';

export type { Way, WayAssessment } from './taper/way';
export { CURVE_WAY_IDS, type CurveWayId } from './curve/way';
export { ECCENTRIC_WAY_IDS, type EccentricWayId } from './eccentric/way';

export const attachmentBarShift = /* @__PURE__ */ checked(attachmentBarShift_);
export const attachmentCheck = /* @__PURE__ */ checked(attachmentCheck_);
export const compareWays = /* @__PURE__ */ checked(compareWays_);
export const compoundCheck = /* @__PURE__ */ checked(compoundCheck_);
export const tailstockSetOver = /* @__PURE__ */ checked(tailstockSetOver_);
export const toolHeightError = /* @__PURE__ */ checked(toolHeightError_);
export const barLacks = /* @__PURE__ */ checked(barLacks_);
export const fitBars = /* @__PURE__ */ checked(fitBars_);
export const compoundInfeed = /* @__PURE__ */ checked(compoundInfeed_);
export const compareCurveWays = /* @__PURE__ */ checked(compareCurveWays_);
export const plungesCurve = /* @__PURE__ */ checked(plungesCurve_);
export const compareEccentricWays = /* @__PURE__ */ checked(compareEccentricWays_);
export const wayName = /* @__PURE__ */ checked(wayName_);
export const wayOf = /* @__PURE__ */ checked(wayOf_);
export const eccentricWayOf = /* @__PURE__ */ checked(eccentricWayOf_);
