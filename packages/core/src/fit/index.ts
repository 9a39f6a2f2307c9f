import { checked } from '../basics/publicFace';
import { holeLimits as holeLimits_ } from './isoHole';

export { HOLE_FITS } from './isoHole';

export const holeLimits = /* @__PURE__ */ checked(holeLimits_);
