/** A needle is read to about this where nobody says, mm. */
export const USUAL_NEEDLE = 0.005;
/** Swing worth trueing to where no cone says how true it must run, mm. */
export const USUAL_SWING = 0.02;
