import { checked } from '../basics/publicFace';
import {
  layoutPart as layoutPart_,
  outsideDiameter as outsideDiameter_,
  radiusAt as radiusAt_,
} from './layout';
import { outlineOf as outlineOf_ } from './outline';
import { solveTaperFeature as solveTaperFeature_ } from './solveTaperFeature';
import { taperOfPart as taperOfPart_ } from './taperTask';
import { featureMixUps as featureMixUps_, inDivisions as inDivisions_ } from './featureMixUps';
import { throwOf as throwOf_ } from './throwOf';
import { shankEnds as shankEnds_ } from './shankEnds';
import { plungeOf as plungeOf_, profileCurve as profileCurve_ } from './profileCurve';
import { chiefOf as chiefOf_, featureKind as featureKind_ } from './kinds/registry';
import { shapePoints as shapePoints_ } from './shapePoints';

export type { Side } from './kinds/base';
export type { Bore } from './kinds/bore';
export type { Cylinder } from './kinds/cylinder';
export type { Eccentric } from './kinds/eccentric';
export type { Groove } from './kinds/groove';
export type { FeatureFigure, KindOfFeature } from './kinds/kind';
export type { Profile } from './kinds/profile';
export { FEATURE_KINDS, type Feature, type FeatureKind } from './kinds/registry';
export type { Taper } from './kinds/taper';
export type { Thread } from './kinds/thread';
export type { PartLayout, Section } from './layout';
export type { OutlinePoint } from './kinds/outline';
export type { PartTaper } from './solveTaperFeature';
export type { TaperOfPart } from './taperTask';
export type { SuspectFigure } from './suspect';
export type { Plunge } from './profileCurve';

export const layoutPart = /* @__PURE__ */ checked(layoutPart_);
export const outsideDiameter = /* @__PURE__ */ checked(outsideDiameter_);
export const radiusAt = /* @__PURE__ */ checked(radiusAt_);
export const outlineOf = /* @__PURE__ */ checked(outlineOf_);
export const solveTaperFeature = /* @__PURE__ */ checked(solveTaperFeature_);
export const taperOfPart = /* @__PURE__ */ checked(taperOfPart_);
export const featureMixUps = /* @__PURE__ */ checked(featureMixUps_);
export const inDivisions = /* @__PURE__ */ checked(inDivisions_);
export const throwOf = /* @__PURE__ */ checked(throwOf_);
export const shankEnds = /* @__PURE__ */ checked(shankEnds_);
export const plungeOf = /* @__PURE__ */ checked(plungeOf_);
export const profileCurve = /* @__PURE__ */ checked(profileCurve_);
export const shapePoints = /* @__PURE__ */ checked(shapePoints_);
export const chiefOf = /* @__PURE__ */ checked(chiefOf_);
export const featureKind = /* @__PURE__ */ checked(featureKind_);
