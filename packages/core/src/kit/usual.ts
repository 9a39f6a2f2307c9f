/** A check that falls due within so many days is told beforehand. */
export const SOON_DAYS = 30;

/** Included angle of a drill's point, rad. */
export const DRILL_POINT = (118 / 180) * Math.PI;
/** More blocks than this are hard to wring and harder to trust. */
export const MOST_WRUNG = 5;
/** What a workshop micrometer reads to, and its plus or minus (k = 2), mm, where none is on record. */
export const USUAL_MICROMETER = { resolution: 0.01, uncertainty: 0.01 } as const;

/** Steel grows by so much of its size to a degree, whichever it is: what a material that the shop's table has not is taken for. */
export const STEEL_EXPANDS = 11.5e-6;
/** Young's modulus of steel, MPa: any handbook. */
export const STEEL_MODULUS = 206_000;
