/** Nothing kept for longer than this is a pause and not work, minutes: a meal, another job, the night. */
export const PAUSE = 30;
/** A change is looked for in so many figures or more, in the latest few against those before. */
export const LEAST_CHANGED = 6;
export const LATEST = 3;
