import { USUAL_PLUNGE_WIDTH } from '../cutting/usual';
/** Mouth of a small centre hole, mm. */
export const CENTRE_HOLE = 3.4;
/** Packing is ground, or shimmed, to a hundredth, mm. */
export const PACKING_STEP = 0.01;

/** What nothing turned off-centre needs to be nearer than, where the drawing does not say: mm of travel. */
const TRAVEL = 0.05;
/** Fewer steps of the indicator than this cannot be told from none. */
const STEPS = 5;

/**
 * What the whole travel may be off by, either way (mm), where the drawing does not say: 0.05, or what five steps of
 * the indicator come to where it reads more coarsely.
 *
 * @example
 * usualThrowLimit(0.02)
 * // → 0.1
 */
export const usualThrowLimit = (indicator: number): number => Math.max(TRAVEL, STEPS * indicator);

/** A valve gear's laps and its lead until they are said: a small engine's, mm. Own choice. */
export const USUAL_VALVE = { lap: 2, lead: 0.3, exhaustLap: 0 } as const;

/** What a shop has in its tool post, and the least land it leaves, where it has not said, mm. Own choice. */
export const USUAL_CARRIAGE_TOOLS = {
  grooveTool: USUAL_PLUNGE_WIDTH,
  partTool: USUAL_PLUNGE_WIDTH,
  leastLand: 1,
} as const;
/** An edge finder's tip, mm. */
export const EDGE_FINDER = 10;
/** A worn cross-slide's lash, where nobody has measured it, mm on radius. */
export const USUAL_LASH = 0.25;
