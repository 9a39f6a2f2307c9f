/** A check that falls due within so many days is told beforehand. */
export const SOON_DAYS = 30;
