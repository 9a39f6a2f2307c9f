/** A fine turning feed, mm a turn, and a common tool's nose, mm, where the job does not say. */
export const USUAL_CUT = { feed: 0.1, noseRadius: 0.4 } as const;

/** Passes at the same figure before a first try: what springs comes off, and where the edge stands is known. */
export const PASSES_AGAIN = 2;

/** A new job's cutting figures: one roughing cut on radius, the last stock and the allowance on diameter. mm. */
export const USUAL_PASSES = { roughDepth: 0.75, lastStock: 0.6, allowance: 0.08 } as const;

/** Width of a grooving or parting tool until it is said, mm. Own choice. */
export const USUAL_PLUNGE_WIDTH = 3;

/** Left on diameter for the boring tool where a taper is drilled first, mm: enough to true a drill that wandered. */
export const LEFT_TO_BORE = 0.8;
/** A drill so much larger than the last is worth taking up, mm; a step less deep than this is none. */
export const NEXT_DRILL = 3;
export const LEAST_DRILLED = 4;

/** Left on diameter, mm, and so much more for each mm of it: for a reamer's edges to cut and not rub, and to be ground when hard. */
export const LEFT_TO_REAM = { least: 0.1, bySize: 0.003 } as const;
export const LEFT_TO_GRIND = { least: 0.2, bySize: 0.003 } as const;
/** Left for cloth and paper alone. */
export const LEFT_TO_POLISH = 0.01;
/** More than so many times what a reamer wants is bored off first. */
export const MOST_TO_REAM = 2.5;
