import { checked } from '../basics/publicFace';
import { angleNow as angleNow_ } from './angleNow';
import { fitEvidence as fitEvidence_ } from './fitEvidence';

export type { AngleEstimate } from './angleNow';
export type { EvidenceFit, RankedCause } from './fitEvidence';
export type { ConeEnd, Evidence, EvidenceKind, Marked } from './evidence';
export { CAUSE_IDS, type CauseId } from './causes/cause';

export const angleNow = /* @__PURE__ */ checked(angleNow_);
export const fitEvidence = /* @__PURE__ */ checked(fitEvidence_);
