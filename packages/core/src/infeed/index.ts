import { checked } from '../basics/publicFace';
import { gainShown as gainShown_, latheLore as latheLore_ } from './shown';
import { nextInfeed as nextInfeed_ } from './nextInfeed';

export type { Lore } from './lore';
export type { GainShown, PastApproach } from './shown';
export type { InfeedAdvice, InfeedMove, Remedy } from './nextInfeed';

export const gainShown = /* @__PURE__ */ checked(gainShown_);
export const latheLore = /* @__PURE__ */ checked(latheLore_);
export const nextInfeed = /* @__PURE__ */ checked(nextInfeed_);
