import { checked } from '../basics/publicFace';
import { figureParts as figureParts_, formatFigure as formatFigure_ } from './format';
import { duration as duration_ } from './duration';
import { exactText as exactText_ } from './exactText';
import { snap as snap_, snapDown as snapDown_ } from './round';
import {
  angle as angle_,
  count as count_,
  degrees as degrees_,
  length as length_,
  perFoot as perFoot_,
  ratio as ratio_,
  temperature as temperature_,
} from './figure';
import { plainText as plainText_ } from './phrase';

export { MM_PER_INCH, type UnitSystem } from './format';
export { TENTH_OF_DEGREE, type Figure } from './figure';
export type { Phrase } from './phrase';
export type { Working } from './working';

export const figureParts = /* @__PURE__ */ checked(figureParts_);
export const formatFigure = /* @__PURE__ */ checked(formatFigure_);
export const duration = /* @__PURE__ */ checked(duration_);
export const exactText = /* @__PURE__ */ checked(exactText_);
export const snap = /* @__PURE__ */ checked(snap_);
export const snapDown = /* @__PURE__ */ checked(snapDown_);
export const angle = /* @__PURE__ */ checked(angle_);
export const count = /* @__PURE__ */ checked(count_);
export const degrees = /* @__PURE__ */ checked(degrees_);
export const length = /* @__PURE__ */ checked(length_);
export const perFoot = /* @__PURE__ */ checked(perFoot_);
export const ratio = /* @__PURE__ */ checked(ratio_);
export const temperature = /* @__PURE__ */ checked(temperature_);
export const plainText = /* @__PURE__ */ checked(plainText_);
