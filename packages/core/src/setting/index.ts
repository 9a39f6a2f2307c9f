import { checked } from '../basics/publicFace';
import { barMap as barMap_ } from './barMap';
import { nudgeTable as nudgeTable_ } from './nudgeTable';
import { judgeSweep as judgeSweep_, withinBand as withinBand_ } from './judge';
import { judgeLongSweep as judgeLongSweep_, slopeWanted as slopeWanted_ } from './judgeLongSweep';
import {
  nextNudge as nextNudge_,
  schoolOf as schoolOf_,
  schoolsFor as schoolsFor_,
  settingSteps as settingSteps_,
} from './registry';

export type { BarMap, KeptSweep } from './barMap';
export type { NudgeRow } from './nudgeTable';
export type { LongSweep, LongVerdict } from './judgeLongSweep';
export type { CauseFound, CauseId } from './causes/kind';
export type { SweepVerdict } from './judge';
export type { SchoolChoice } from './registry';
export { SCHOOL_IDS, type SchoolId } from '../ways/taper/schoolId';
export type { StepDrawing } from './drawing';
export type { Nudge, NudgeMove, SettingContext, SettingStep, Station, StepTable } from './setting';

export const barMap = /* @__PURE__ */ checked(barMap_);
export const nudgeTable = /* @__PURE__ */ checked(nudgeTable_);
export const judgeLongSweep = /* @__PURE__ */ checked(judgeLongSweep_);
export const slopeWanted = /* @__PURE__ */ checked(slopeWanted_);
export const judgeSweep = /* @__PURE__ */ checked(judgeSweep_);
export const withinBand = /* @__PURE__ */ checked(withinBand_);
export const nextNudge = /* @__PURE__ */ checked(nextNudge_);
export const schoolOf = /* @__PURE__ */ checked(schoolOf_);
export const schoolsFor = /* @__PURE__ */ checked(schoolsFor_);
export const settingSteps = /* @__PURE__ */ checked(settingSteps_);
