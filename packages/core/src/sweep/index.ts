import { checked } from '../basics/publicFace';
import { analyseSweep as analyseSweep_ } from './analyse';
import { fittedSweep as fittedSweep_ } from './fittedSweep';
import { termsTaken as termsTaken_ } from './termsTaken';
import { straightestStretch as straightestStretch_ } from './straightest';

export type { TermTaken } from './termsTaken';
export type { Stretch } from './straightest';
export type { Sweep, SweepAnalysis } from './sweep';

export const analyseSweep = /* @__PURE__ */ checked(analyseSweep_);
export const termsTaken = /* @__PURE__ */ checked(termsTaken_);
export const straightestStretch = /* @__PURE__ */ checked(straightestStretch_);
export const fittedSweep = /* @__PURE__ */ checked(fittedSweep_);
