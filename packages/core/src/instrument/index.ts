import { checked } from '../basics/publicFace';
import { clockOffset as clockOffset_, goneAfter as goneAfter_ } from './clock';
import { creepOf as creepOf_ } from './creep';
import { figureOf as figureOf_, shownOf as shownOf_ } from './inUse';
import { pairTracks as pairTracks_ } from './pairTracks';
import { passedStations as passedStations_ } from './stations';
import { restOf as restOf_ } from './still';
import { swingOf as swingOf_ } from './swing';

export type { Arrival } from './clock';
export type { InstrumentUse, Reads } from './inUse';
export type { Creep } from './creep';
export type { Moment } from './moments';
export type { ReadAt, Tracks } from './pairTracks';
export type { Passed } from './stations';
export type { Rest } from './still';
export type { Swing } from './swing';
export { LONGEST_GAP } from './pairTracks';
export { PLAIN_USE, READS, STEEPEST_LEVER } from './inUse';

export const clockOffset = /* @__PURE__ */ checked(clockOffset_);
export const goneAfter = /* @__PURE__ */ checked(goneAfter_);
export const creepOf = /* @__PURE__ */ checked(creepOf_);
export const figureOf = /* @__PURE__ */ checked(figureOf_);
export const shownOf = /* @__PURE__ */ checked(shownOf_);
export const pairTracks = /* @__PURE__ */ checked(pairTracks_);
export const passedStations = /* @__PURE__ */ checked(passedStations_);
export const restOf = /* @__PURE__ */ checked(restOf_);
export const swingOf = /* @__PURE__ */ checked(swingOf_);
