import { checked } from '../basics/publicFace';
import { passPlan as passPlan_ } from './passPlan';
import { scallopHeight as scallopHeight_ } from './scallopHeight';
import { plungeStops as plungeStops_ } from './plungeStops';
import {
  feedForFinish as feedForFinish_,
  theoreticalFinish as theoreticalFinish_,
} from './theoreticalFinish';
import { handFeedPace as handFeedPace_ } from './handFeedPace';
import { spindleSpeed as spindleSpeed_ } from './spindleSpeed';
import { drillPlan as drillPlan_ } from './drillPlan';
import { feedAndSpeed as feedAndSpeed_, overhangOf as overhangOf_ } from './feedAndSpeed';
import { staircase as staircase_ } from './staircase';
import { allowanceFor as allowanceFor_ } from './allowance';
import { reamAdvice as reamAdvice_, reamerWear as reamerWear_ } from './ream';
import { boreTools as boreTools_ } from './boreTools';

export type { Pass } from './passPlan';
export type { DrillStep } from './drillPlan';
export type { Duty } from './feedAndSpeed';
export type { Shoulder } from './staircase';
export { ALLOWANCE_FOR, type AllowanceFor } from './allowance';

export const passPlan = /* @__PURE__ */ checked(passPlan_);
export const scallopHeight = /* @__PURE__ */ checked(scallopHeight_);
export const theoreticalFinish = /* @__PURE__ */ checked(theoreticalFinish_);
export const feedForFinish = /* @__PURE__ */ checked(feedForFinish_);
export const plungeStops = /* @__PURE__ */ checked(plungeStops_);
export const handFeedPace = /* @__PURE__ */ checked(handFeedPace_);
export const spindleSpeed = /* @__PURE__ */ checked(spindleSpeed_);
export const drillPlan = /* @__PURE__ */ checked(drillPlan_);
export const feedAndSpeed = /* @__PURE__ */ checked(feedAndSpeed_);
export const overhangOf = /* @__PURE__ */ checked(overhangOf_);
export const staircase = /* @__PURE__ */ checked(staircase_);
export const allowanceFor = /* @__PURE__ */ checked(allowanceFor_);
export const reamAdvice = /* @__PURE__ */ checked(reamAdvice_);
export const reamerWear = /* @__PURE__ */ checked(reamerWear_);
export const boreTools = /* @__PURE__ */ checked(boreTools_);
export { LEFT_TO_BORE, PASSES_AGAIN, USUAL_CUT, USUAL_PASSES, USUAL_PLUNGE_WIDTH } from './usual';
