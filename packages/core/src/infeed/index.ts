import { checked } from '../basics/publicFace';
import { nextInfeed as nextInfeed_ } from './nextInfeed';

export type { InfeedAdvice, InfeedMove, InfeedRequest, Remedy } from './nextInfeed';
export type { Suspicion, SuspicionId } from './suspicion';
export type { InfeedPass } from './learn';

export const nextInfeed = /* @__PURE__ */ checked(nextInfeed_);
