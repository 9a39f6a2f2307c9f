/** A bar on a printed sheet is meant to be so long, mm. */
export const PRINTED_BAR = 50;

/** What a curve is cut with and to, where the job does not say: lengths in mm. */
export const USUAL_CURVE = {
  nose: 0.8,
  stylus: 0.8,
  ridge: 0.02,
  longest: 1,
  allowance: 0,
  printedBar: PRINTED_BAR,
  limit: 0.1,
  toolRadius: 30,
  stickOut: 60,
  widthBand: 0.05,
  bottomBand: 0.05,
  placeBand: 0.1,
  landBand: 0.1,
  mateClearance: 0.1,
} as const;

/** The finest cloth a curve is gone over with, grit, until it is said. */
export const USUAL_GRIT = 320;
