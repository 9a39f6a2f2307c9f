import type { Level } from './faults/draw';

/** How bad a lathe is to practise on until it is said. */
export const USUAL_LEVEL: Level = 3;
/** A fine power feed, mm to the turn. */
export const USUAL_FEED = 0.1;
