import { checked } from '../basics/publicFace';
import { dialOf as dialOf_, radialOf as radialOf_ } from './dialReads';
import { normalFrom as normalFrom_, seeded as seeded_ } from './seeded';

export type {
  Attachment,
  BarScale,
  Compound,
  CrossDial,
  Device,
  Lathe,
  ScaleUnit,
  StillSet,
  Tailstock,
} from './lathe';
export { DEVICE_NAMES, DEVICES } from './lathe';
export type { DialReads } from './dialReads';
export { NO_FAULTS, SimulatedLathe, type LatheFaults } from './simulatedLathe';
export { HONEST_KINDS, WRONG_KINDS } from './latheKinds';

export const dialOf = /* @__PURE__ */ checked(dialOf_);
export const radialOf = /* @__PURE__ */ checked(radialOf_);
export const normalFrom = /* @__PURE__ */ checked(normalFrom_);
export const seeded = /* @__PURE__ */ checked(seeded_);
