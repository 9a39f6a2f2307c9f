/** Chance of going past that is accepted where the job does not say. */
export const USUAL_RISK = 0.01;
/** Reading a stand-off by rule or depth gauge is good to about this, plus or minus (k = 2), mm along the axis. */
export const STAND_OFF_READ = 0.1;
