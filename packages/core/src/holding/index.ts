import { checked } from '../basics/publicFace';
import { fourJawOffset as fourJawOffset_ } from './fourJawOffset';
import { trueingLimit as trueingLimit_, trueUp as trueUp_ } from './trueUp';
import { readRound as readRound_ } from './lobes';
import { roundFit as roundFit_ } from './circleFit';
import { stickOffset as stickOffset_ } from './stick';
import {
  nearAndFar as nearAndFar_,
  rimAndFace as rimAndFace_,
  separateRunout as separateRunout_,
} from './tilt';
import { towardJaws as towardJaws_ } from './words';

export { TRUEING_SCHOOLS, type JawMove, type TrueingSchool, type TrueUp } from './trueUp';
export type { Lobe, Round } from './lobes';
export { JAWS, type RoundReading } from './circleFit';

export const fourJawOffset = /* @__PURE__ */ checked(fourJawOffset_);
export const trueingLimit = /* @__PURE__ */ checked(trueingLimit_);
export const trueUp = /* @__PURE__ */ checked(trueUp_);
export const readRound = /* @__PURE__ */ checked(readRound_);
export const roundFit = /* @__PURE__ */ checked(roundFit_);
export const stickOffset = /* @__PURE__ */ checked(stickOffset_);
export const nearAndFar = /* @__PURE__ */ checked(nearAndFar_);
export const rimAndFace = /* @__PURE__ */ checked(rimAndFace_);
export const separateRunout = /* @__PURE__ */ checked(separateRunout_);
export const towardJaws = /* @__PURE__ */ checked(towardJaws_);
