/** Widest edge a toolroom lathe plunges without chatter, mm: a rule of the trade, not a law. */
export const WIDEST_PLUNGED = 16;
/** And no wider than this part of the thinnest place it is cut on, or the work bends away from it. */
export const WIDEST_OF_DIAMETER = 0.8;

/** Widest edge for the thinnest diameter it is cut on, mm. */
export const widestEdge = (thinnest: number): number =>
  Math.min(WIDEST_PLUNGED, WIDEST_OF_DIAMETER * thinnest);

/** Clearance a form tool is ground with until it is said, rad. */
export const USUAL_CLEARANCE = (8 / 180) * Math.PI;
