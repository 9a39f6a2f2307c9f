import { checked } from '../basics/publicFace';
import { angleNow as angleNow_ } from './angleNow';
import { fitEvidence as fitEvidence_ } from './fitEvidence';

export type { EvidenceFit, RankedCause } from './fitEvidence';
export type { Evidence } from './evidence';

export const angleNow = /* @__PURE__ */ checked(angleNow_);
export const fitEvidence = /* @__PURE__ */ checked(fitEvidence_);
