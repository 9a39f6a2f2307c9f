import { checked } from '../basics/publicFace';
import { threadNamed as threadNamed_ } from './designation';
import { threadLimits as threadLimits_, usualClass as usualClass_ } from './limits';
import {
  tapDrill as tapDrill_,
  tappedHole as tappedHole_,
  usualThreadLength as usualThreadLength_,
} from './tapDrill';
import { outsideThread as outsideThread_ } from './outside';
import { bestWire as bestWire_, overWires as overWires_, pitchFromWires as pitchFromWires_ } from './wires';
import { changeGears as changeGears_, driftOver as driftOver_ } from './changeGears';

export { type VeeThread } from './form';
export type { NamedThread } from './designation';

export { USUAL_ENGAGEMENT } from './usual';

export { UNFELT_DRIFT, type GearTrain } from './changeGears';

export const threadNamed = /* @__PURE__ */ checked(threadNamed_);
export const threadLimits = /* @__PURE__ */ checked(threadLimits_);
export const usualClass = /* @__PURE__ */ checked(usualClass_);
export const tapDrill = /* @__PURE__ */ checked(tapDrill_);
export const tappedHole = /* @__PURE__ */ checked(tappedHole_);
export const usualThreadLength = /* @__PURE__ */ checked(usualThreadLength_);
export const outsideThread = /* @__PURE__ */ checked(outsideThread_);
export const bestWire = /* @__PURE__ */ checked(bestWire_);
export const overWires = /* @__PURE__ */ checked(overWires_);
export const pitchFromWires = /* @__PURE__ */ checked(pitchFromWires_);
export const changeGears = /* @__PURE__ */ checked(changeGears_);
export const driftOver = /* @__PURE__ */ checked(driftOver_);
