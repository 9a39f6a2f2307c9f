/** Nothing kept for longer than this is a pause and not work, minutes: a meal, another job, the night. */
export const PAUSE = 30;
