import { checked } from '../basics/publicFace';
import { beamFrequency as beamFrequency_, beamStiffness as beamStiffness_ } from './beam';
import { hearPitch as hearPitch_ } from './hear';
import { pitchOfMarks as pitchOfMarks_ } from './marks';
import { spectrumOf as spectrumOf_ } from './spectrum';

export { HELD_BY, type Beam, type HeldBy } from './beam';
export type { Heard } from './hear';
export type { Marks } from './marks';
export type { ChatterSetup } from './setup';
export type { Candidate } from './sources/kind';
export type { LoudLine, Spectrum } from './spectrum';
export { BAR_STUFFS, USUAL_TURNS, type BarStuffName } from './usual';

export const beamFrequency = /* @__PURE__ */ checked(beamFrequency_);
export const beamStiffness = /* @__PURE__ */ checked(beamStiffness_);
export const hearPitch = /* @__PURE__ */ checked(hearPitch_);
export const pitchOfMarks = /* @__PURE__ */ checked(pitchOfMarks_);
export const spectrumOf = /* @__PURE__ */ checked(spectrumOf_);
