import { checked } from '../basics/publicFace';
import { chosenFault as chosenFault_ } from './faults/chosen';
import { makeVirtualLathe as makeVirtualLathe_ } from './makeVirtualLathe';

export type { Against, Chips, DeviceId, HandleId, LatheAction, Seen, Tried } from './actions';
export type { Truth, VirtualLathe, VirtualLatheRequest } from './makeVirtualLathe';
export type { Scene } from './scene';
export type { ConeGauge } from './measure/coneGauge';
export type { Blank } from './metal/piece';
export type { FaultKind } from './faults/kind';
export { FAULT_IDS, FAULT_KINDS, type FaultId, type Faults } from './faults/registry';
export { LEVELS, SOUND_LATHE, type Level } from './faults/draw';
export { USUAL_FEED, USUAL_LEVEL } from './usual';
export { BADNESS, type Badness } from './faults/chosen';
export { PRACTICE_LATHE } from './practiceLathe';

export const chosenFault = /* @__PURE__ */ checked(chosenFault_);
export const makeVirtualLathe = /* @__PURE__ */ checked(makeVirtualLathe_);
