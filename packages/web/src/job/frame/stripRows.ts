const DIAMETERS = 16;
const FIRST = 18;
const LANE = 19;

/** Where the writing under the strip stands: the row of diameters, and each lane of lengths below it. */
export const rowsUnder = (below: number): { readonly diameter: number; length(lane: number): number } => ({
  diameter: below + DIAMETERS,
  length: (lane) => below + DIAMETERS + FIRST + lane * LANE,
});
