import { checked } from '../basics/publicFace';
import { halfAngleOf as halfAngleOf_, ratioOf as ratioOf_, solveTaper as solveTaper_ } from './solve';
import { coneAngleTolerance as coneAngleTolerance_ } from './grade';
import { taperTolerance as taperTolerance_ } from './tolerance';
import { taperSeries as taperSeries_, taperSize as taperSize_ } from './series/registry';
import { identifyTaper as identifyTaper_ } from './identifyTaper';
import { findTapers as findTapers_ } from './find';
import { selfHolding as selfHolding_ } from './selfHolding';
import { tangOf as tangOf_ } from './tang';
import { shopSeries as shopSeries_ } from './series/shop';

export { GRADES, type Grade } from './grade';

export { TAPER_SERIES } from './series/registry';
export type { FoundTapers } from './find';
export type { TangFigures } from './tang';
export type { Identification } from './identifyTaper';

export type { TaperSeries, TaperSize } from './series/series';
export { WAY_IDS, type WayId } from './wayId';
export type { Member, TaperTask } from './task';

export const halfAngleOf = /* @__PURE__ */ checked(halfAngleOf_);
export const ratioOf = /* @__PURE__ */ checked(ratioOf_);
export const solveTaper = /* @__PURE__ */ checked(solveTaper_);
export const coneAngleTolerance = /* @__PURE__ */ checked(coneAngleTolerance_);
export const taperTolerance = /* @__PURE__ */ checked(taperTolerance_);
export const taperSeries = /* @__PURE__ */ checked(taperSeries_);
export const taperSize = /* @__PURE__ */ checked(taperSize_);
export const identifyTaper = /* @__PURE__ */ checked(identifyTaper_);
export const findTapers = /* @__PURE__ */ checked(findTapers_);
export const selfHolding = /* @__PURE__ */ checked(selfHolding_);
export const tangOf = /* @__PURE__ */ checked(tangOf_);
export const shopSeries = /* @__PURE__ */ checked(shopSeries_);
export { USUAL_MATE, USUAL_TOLERANCE } from './usual';
