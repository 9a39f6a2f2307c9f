import { checked } from '../basics/publicFace';
import { holeLimits as holeLimits_ } from './isoHole';
import { shaftLimits as shaftLimits_ } from './isoShaft';
import { sideOfLimits as sideOfLimits_ } from './sideOfLimits';
import { sizeLimits as sizeLimits_ } from './sizeLimits';

export { HOLE_FITS } from './isoHole';
export { SHAFT_FITS } from './isoShaft';
export { FITS, type Fit, type SizeGiven, type SizeLimits } from './sizeLimits';

export const holeLimits = /* @__PURE__ */ checked(holeLimits_);
export const shaftLimits = /* @__PURE__ */ checked(shaftLimits_);
export const sideOfLimits = /* @__PURE__ */ checked(sideOfLimits_);
export const sizeLimits = /* @__PURE__ */ checked(sizeLimits_);
