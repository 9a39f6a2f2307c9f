/** A fine turning feed, mm a turn, and a common tool's nose, mm, where the job does not say. */
export const USUAL_CUT = { feed: 0.1, noseRadius: 0.4 } as const;

/** Passes at the same figure before a first try: what springs comes off, and where the edge stands is known. */
export const PASSES_AGAIN = 2;

/** A new job's cutting figures: one roughing cut on radius, the last stock and the allowance on diameter. mm. */
export const USUAL_PASSES = { roughDepth: 0.75, lastStock: 0.6, allowance: 0.08 } as const;

/** Width of a grooving or parting tool until it is said, mm. Own choice. */
export const USUAL_PLUNGE_WIDTH = 3;
