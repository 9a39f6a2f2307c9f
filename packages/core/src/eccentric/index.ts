import { checked } from '../basics/publicFace';
import { usualThrowLimit as usualThrowLimit_ } from './usual';
import { threeJawPacking as threeJawPacking_ } from './threeJawPacking';
import { valveAdvance as valveAdvance_ } from './valveAdvance';
import { eccentricFaults as eccentricFaults_, eccentricsOf as eccentricsOf_, endOn as endOn_ } from './part';
import {
  nextPacking as nextPacking_,
  packingPlan as packingPlan_,
  throwFromPacking as throwFromPacking_,
} from './packingPlan';
import { dialIn as dialIn_, indicatorPlan as indicatorPlan_ } from './dialIn';
import { offsetCentres as offsetCentres_ } from './offsetCentres';
import { layOff as layOff_ } from './layOff';
import { balance as balance_, counterweight as counterweight_, lightSide as lightSide_ } from './balance';
import { clearances as clearances_, speedAtThrow as speedAtThrow_ } from './beforePower';
import { carriageTable as carriageTable_ } from './carriageTable';
import { setScrew as setScrew_ } from './setScrew';
import { valveAt as valveAt_, valveMotion as valveMotion_ } from './valveMotion';
import { invalidates as invalidates_ } from './invalidates';

export type { EccentricPart } from './part';
export type { JawFace } from './packingPlan';

export type { Clearance, ThrowSpeed } from './beforePower';
export type { CarriageTools } from './carriageTable';

export type { ValveGear, ValveMotion } from './valveMotion';
export { MADE_IDS, type MadeBasis, type MadeId } from './made';

export const threeJawPacking = /* @__PURE__ */ checked(threeJawPacking_);
export const valveAdvance = /* @__PURE__ */ checked(valveAdvance_);
export const eccentricFaults = /* @__PURE__ */ checked(eccentricFaults_);
export const eccentricsOf = /* @__PURE__ */ checked(eccentricsOf_);
export const endOn = /* @__PURE__ */ checked(endOn_);
export const nextPacking = /* @__PURE__ */ checked(nextPacking_);
export const packingPlan = /* @__PURE__ */ checked(packingPlan_);
export const throwFromPacking = /* @__PURE__ */ checked(throwFromPacking_);
export const dialIn = /* @__PURE__ */ checked(dialIn_);
export const indicatorPlan = /* @__PURE__ */ checked(indicatorPlan_);
export const offsetCentres = /* @__PURE__ */ checked(offsetCentres_);
export const layOff = /* @__PURE__ */ checked(layOff_);
export const balance = /* @__PURE__ */ checked(balance_);
export const counterweight = /* @__PURE__ */ checked(counterweight_);
export const lightSide = /* @__PURE__ */ checked(lightSide_);
export const clearances = /* @__PURE__ */ checked(clearances_);
export const speedAtThrow = /* @__PURE__ */ checked(speedAtThrow_);
export const carriageTable = /* @__PURE__ */ checked(carriageTable_);
export const setScrew = /* @__PURE__ */ checked(setScrew_);
export const valveAt = /* @__PURE__ */ checked(valveAt_);
export const valveMotion = /* @__PURE__ */ checked(valveMotion_);
export const invalidates = /* @__PURE__ */ checked(invalidates_);
export {
  CENTRE_HOLE,
  EDGE_FINDER,
  PACKING_STEP,
  USUAL_CARRIAGE_TOOLS,
  USUAL_LASH,
  USUAL_VALVE,
} from './usual';
export const usualThrowLimit = /* @__PURE__ */ checked(usualThrowLimit_);
export type { DialIn } from './dialIn';
