import { checked } from '../basics/publicFace';
import { nextInfeed as nextInfeed_ } from './nextInfeed';

export type { InfeedAdvice, InfeedMove, Remedy } from './nextInfeed';

export const nextInfeed = /* @__PURE__ */ checked(nextInfeed_);
