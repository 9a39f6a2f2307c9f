/** Nearer than this, as a part of it, a swing comes again with the lead. */
const WITH_IT = 0.03;

/** Whether a swing may be the screw's that fed it; of a screw whose lead nobody said, nobody knows that it is not. */
export const turnsWith = (period: number, lead: number | undefined): boolean =>
  lead === undefined || Math.abs(period - lead) <= WITH_IT * lead;
