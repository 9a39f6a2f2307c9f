/** Nothing kept for longer than this is a pause and not work, minutes: a meal, another job, the night. */
export const PAUSE = 30;
/** A change is looked for in so many figures or more, in the latest few against those before. */
export const LEAST_CHANGED = 6;
export const LATEST = 3;
/** From so many jobs on their mean stands in for a figure that nobody typed. */
export const LEAST_KNOWN = 2;
