import { checked } from '../basics/publicFace';
import { endForEnd as endForEnd_, pointOn as pointOn_, sampled as sampled_ } from './piece';
import { shapeCurve as shapeCurve_ } from './shapeCurve';
import { offsetProfile as offsetProfile_, pathPlaces as pathPlaces_ } from './offsetProfile';
import { outOfReach as outOfReach_ } from './reach';
import {
  creepCosts as creepCosts_,
  feedToFollow as feedToFollow_,
  printerScale as printerScale_,
  tracerTemplate as tracerTemplate_,
} from './tracerTemplate';
import { coordinateTable as coordinateTable_ } from './coordinateTable';
import { bestFit as bestFit_ } from './bestFit';
import { nearestOn as nearestOn_ } from './nearestOn';
import { arcsAlong as arcsAlong_ } from './arcsAlong';
import { reversedShape as reversedShape_ } from './reversed';
import {
  goesInWhole as goesInWhole_,
  mateCurve as mateCurve_,
  mateOf as mateOf_,
  sharedDatum as sharedDatum_,
  pairJoint as pairJoint_,
} from './pair';
import { creepFound as creepFound_ } from './creep';
import { finishing as finishing_ } from './finishing';
import { standardShape as standardShape_ } from './standardShapes';

export type { CurvePoint, Piece } from './piece';
export { RUNS, type Run } from './shapeCurve';
export type { OffsetPath } from './offsetProfile';
export type { OutOfReach } from './reach';
export type { TracerTemplate } from './tracerTemplate';
export type { CoordinateTable } from './coordinateTable';

export type { Along } from './arcsAlong';
export type { Joint } from './pair';

export { CLOTH_GRITS } from './finishing';
export { SHAPES, type StandardShape } from './standardShapes';

export const endForEnd = /* @__PURE__ */ checked(endForEnd_);
export const pointOn = /* @__PURE__ */ checked(pointOn_);
export const sampled = /* @__PURE__ */ checked(sampled_);
export const shapeCurve = /* @__PURE__ */ checked(shapeCurve_);
export const offsetProfile = /* @__PURE__ */ checked(offsetProfile_);
export const pathPlaces = /* @__PURE__ */ checked(pathPlaces_);
export const outOfReach = /* @__PURE__ */ checked(outOfReach_);
export const creepCosts = /* @__PURE__ */ checked(creepCosts_);
export const feedToFollow = /* @__PURE__ */ checked(feedToFollow_);
export const printerScale = /* @__PURE__ */ checked(printerScale_);
export const tracerTemplate = /* @__PURE__ */ checked(tracerTemplate_);
export const coordinateTable = /* @__PURE__ */ checked(coordinateTable_);
export const bestFit = /* @__PURE__ */ checked(bestFit_);
export const nearestOn = /* @__PURE__ */ checked(nearestOn_);
export const arcsAlong = /* @__PURE__ */ checked(arcsAlong_);
export const reversedShape = /* @__PURE__ */ checked(reversedShape_);
export const goesInWhole = /* @__PURE__ */ checked(goesInWhole_);
export const mateCurve = /* @__PURE__ */ checked(mateCurve_);
export const mateOf = /* @__PURE__ */ checked(mateOf_);
export const sharedDatum = /* @__PURE__ */ checked(sharedDatum_);
export const pairJoint = /* @__PURE__ */ checked(pairJoint_);
export const creepFound = /* @__PURE__ */ checked(creepFound_);
export const finishing = /* @__PURE__ */ checked(finishing_);
export const standardShape = /* @__PURE__ */ checked(standardShape_);
export { PRINTED_BAR, USUAL_CURVE, USUAL_GRIT } from './usual';
