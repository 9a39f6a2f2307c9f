import { checked } from '../basics/publicFace';
import { sweptCone as sweptCone_ } from './sweptCone';
import { angleNow as angleNow_ } from './angleNow';
import { describeEvidence as describeEvidence_ } from './describe';
import { fitEvidence as fitEvidence_ } from './fitEvidence';

export type { ConeSweep, SweptCone } from './sweptCone';
export type { EvidenceFit, RankedCause } from './fitEvidence';
export type { Evidence } from './evidence';

export const sweptCone = /* @__PURE__ */ checked(sweptCone_);
export const angleNow = /* @__PURE__ */ checked(angleNow_);
export const describeEvidence = /* @__PURE__ */ checked(describeEvidence_);
export const fitEvidence = /* @__PURE__ */ checked(fitEvidence_);
