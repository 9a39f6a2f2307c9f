import { checked } from '../basics/publicFace';
import { halfAngleFromIndicator as halfAngleFromIndicator_ } from './halfAngleFromIndicator';
import { advanceFromInfeed as advanceFromInfeed_ } from './advanceFromInfeed';
import { ratioErrorFromSwing as ratioErrorFromSwing_ } from './ratioErrorFromSwing';
import { stockFromStandOff as stockFromStandOff_ } from './stockFromStandOff';
import { salvageWays as salvageWays_ } from './salvage';
import { halfAngleOverRollers as halfAngleOverRollers_ } from './halfAngleOverRollers';
import { smallEndOverRollers as smallEndOverRollers_ } from './smallEndOverRollers';
import { boreBetweenBalls as boreBetweenBalls_ } from './boreBetweenBalls';
import { diameterAt20 as diameterAt20_ } from './diameterAt20';
import { bearingDiameter as bearingDiameter_, driveUp as driveUp_ } from './driveUp';
import { standOffBy as standOffBy_ } from './size/registry';

export type { TravelAlong } from './halfAngleFromIndicator';
export { CONTACTS, type Contact } from './contact';

export { MEASURED_WARM } from './diameterAt20';
export { ELASTIC, type DriveUp, type ElasticName } from './driveUp';
export { SIZE_METHODS } from './size/registry';
export { SIZE_IDS, type SizeId, type SizeMethod } from './size/sizeMethod';

export const halfAngleFromIndicator = /* @__PURE__ */ checked(halfAngleFromIndicator_);
export const advanceFromInfeed = /* @__PURE__ */ checked(advanceFromInfeed_);
export const ratioErrorFromSwing = /* @__PURE__ */ checked(ratioErrorFromSwing_);
export const stockFromStandOff = /* @__PURE__ */ checked(stockFromStandOff_);
export const salvageWays = /* @__PURE__ */ checked(salvageWays_);
export const halfAngleOverRollers = /* @__PURE__ */ checked(halfAngleOverRollers_);
export const smallEndOverRollers = /* @__PURE__ */ checked(smallEndOverRollers_);
export const boreBetweenBalls = /* @__PURE__ */ checked(boreBetweenBalls_);
export const diameterAt20 = /* @__PURE__ */ checked(diameterAt20_);
export const bearingDiameter = /* @__PURE__ */ checked(bearingDiameter_);
export const driveUp = /* @__PURE__ */ checked(driveUp_);
export const standOffBy = /* @__PURE__ */ checked(standOffBy_);
