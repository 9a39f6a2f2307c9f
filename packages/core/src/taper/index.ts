import { checked } from '../basics/publicFace';
import { halfAngleOf as halfAngleOf_, ratioOf as ratioOf_, solveTaper as solveTaper_ } from './solve';
import { coneAngleTolerance as coneAngleTolerance_ } from './grade';
import { taperTolerance as taperTolerance_ } from './tolerance';
import { taperSeries as taperSeries_, taperSize as taperSize_ } from './series/registry';
import { identifyTaper as identifyTaper_ } from './identifyTaper';
import { selfHolding as selfHolding_ } from './selfHolding';
import { shopSeries as shopSeries_ } from './series/shop';

export { AGREEMENT, type SolvedTaper, type TaperGivens } from './solve';
export { GRADES, type Grade } from './grade';
export type { TaperTolerance } from './tolerance';
export { TAPER_SERIES } from './series/registry';
export type { Identification, TaperMatch, TaperMeasured } from './identifyTaper';
export { FRICTION, type Holding } from './selfHolding';
export type { SeriesId, TaperSeries, TaperSize } from './series/series';
export { WAY_IDS, type WayId } from './wayId';
export type { End, Member, TaperTask } from './task';

export const halfAngleOf = /* @__PURE__ */ checked(halfAngleOf_);
export const ratioOf = /* @__PURE__ */ checked(ratioOf_);
export const solveTaper = /* @__PURE__ */ checked(solveTaper_);
export const coneAngleTolerance = /* @__PURE__ */ checked(coneAngleTolerance_);
export const taperTolerance = /* @__PURE__ */ checked(taperTolerance_);
export const taperSeries = /* @__PURE__ */ checked(taperSeries_);
export const taperSize = /* @__PURE__ */ checked(taperSize_);
export const identifyTaper = /* @__PURE__ */ checked(identifyTaper_);
export const selfHolding = /* @__PURE__ */ checked(selfHolding_);
export const shopSeries = /* @__PURE__ */ checked(shopSeries_);
