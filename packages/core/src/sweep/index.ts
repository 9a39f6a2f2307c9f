import { checked } from '../basics/publicFace';
import { analyseSweep as analyseSweep_ } from './analyse';

export type { Sweep, SweepAnalysis } from './sweep';

export const analyseSweep = /* @__PURE__ */ checked(analyseSweep_);
