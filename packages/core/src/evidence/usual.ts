/** A cone where the job says nothing of it: cut to about this, rad on the half angle, and so long, mm. */
export const USUAL_BAND = 5e-5;
export const USUAL_LENGTH = 80;
/** A clocked swing is read to about this (k = 2), mm. */
export const SWING_READ = 0.01;
