import { checked } from '../basics/publicFace';
import { layoutPart as layoutPart_, outsideDiameter as outsideDiameter_ } from './layout';
import { solveTaperFeature as solveTaperFeature_ } from './solveTaperFeature';
import { taperOfPart as taperOfPart_ } from './taperTask';
import { inDivisions as inDivisions_ } from './suspects/inDivisions';
import { featureMixUps as featureMixUps_ } from './suspects/registry';
import { shankEnds as shankEnds_ } from './shankEnds';
import { plungeOf as plungeOf_, profileCurve as profileCurve_ } from './profileCurve';
import {
  chiefOf as chiefOf_,
  detailSummary as detailSummary_,
  featureKind as featureKind_,
  isDetail as isDetail_,
} from './kinds/registry';
import { limitsOf as limitsOf_ } from './limitsOf';
import { shapePoints as shapePoints_ } from './shapePoints';

export {
  isBore,
  isCrossHole,
  isCylinder,
  isEccentric,
  isGroove,
  isProfile,
  isTaper,
  isThread,
} from './kinds/is';
export { FEATURE_KINDS, type Feature, type FeatureKind } from './kinds/registry';

export type { PartLayout } from './layout';
export type { Detail, Section } from './section';

export type { PartTaper } from './solveTaperFeature';
export type { TaperOfPart } from './taperTask';
export type { SuspectFigure } from './suspects/suspect';
export type { Plunge } from './profileCurve';

export const layoutPart = /* @__PURE__ */ checked(layoutPart_);
export const outsideDiameter = /* @__PURE__ */ checked(outsideDiameter_);
export const solveTaperFeature = /* @__PURE__ */ checked(solveTaperFeature_);
export const taperOfPart = /* @__PURE__ */ checked(taperOfPart_);
export const featureMixUps = /* @__PURE__ */ checked(featureMixUps_);
export const inDivisions = /* @__PURE__ */ checked(inDivisions_);
export const shankEnds = /* @__PURE__ */ checked(shankEnds_);
export const plungeOf = /* @__PURE__ */ checked(plungeOf_);
export const profileCurve = /* @__PURE__ */ checked(profileCurve_);
export const shapePoints = /* @__PURE__ */ checked(shapePoints_);
export const limitsOf = /* @__PURE__ */ checked(limitsOf_);
export const chiefOf = /* @__PURE__ */ checked(chiefOf_);
export const featureKind = /* @__PURE__ */ checked(featureKind_);
export const isDetail = /* @__PURE__ */ checked(isDetail_);
export const detailSummary = /* @__PURE__ */ checked(detailSummary_);
