import { checked } from '../basics/publicFace';
import { propagate as propagate_ } from './propagate';

export type { Measured, Propagated } from './propagate';

export const propagate = /* @__PURE__ */ checked(propagate_);
