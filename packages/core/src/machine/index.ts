import { checked } from '../basics/publicFace';
import { dialOf as dialOf_, radialOf as radialOf_ } from './dialReads';
import { seeded as seeded_ } from './seeded';

export type { Device, Lathe, StillSet } from './lathe';
export { DEVICE_NAMES, DEVICES } from './lathe';
export { USUAL_DIAL, USUAL_INDICATOR, USUAL_LATHE, USUAL_SCALE_DIVISION } from './usual';
export type { DialReads } from './dialReads';

export const dialOf = /* @__PURE__ */ checked(dialOf_);
export const radialOf = /* @__PURE__ */ checked(radialOf_);
export const seeded = /* @__PURE__ */ checked(seeded_);
