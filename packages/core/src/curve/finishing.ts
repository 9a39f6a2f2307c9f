import { notNegative } from '../basics/check';

/** One tool of the sequence and what it takes off, on radius, mm. */
export interface FinishingStep {
  readonly by: 'file' | number;
  readonly takes: number;
}

export interface Finishing {
  /** In the order they are used; a number is the cloth's grit. */
  readonly steps: readonly FinishingStep[];
  /** What must still stand on diameter before the first of them, mm. */
  readonly leave: number;
  /** Of that, what goes below the ridges' roots, on radius: the steps must leave as much on, or it comes out small. */
  readonly belowRoots: number;
}

/** How deep a cloth's own scratches go, mm. Source: about a tenth of the grain; a rule of the trade. */
const CLOTHS: readonly { readonly grit: number; readonly scratch: number }[] = [
  { grit: 80, scratch: 0.02 },
  { grit: 120, scratch: 0.012 },
  { grit: 180, scratch: 0.008 },
  { grit: 240, scratch: 0.005 },
  { grit: 320, scratch: 0.0035 },
  { grit: 400, scratch: 0.0025 },
];
export const CLOTH_GRITS: readonly number[] = CLOTHS.map((c) => c.grit);

/** A ridge higher than this is filed: cloth only rounds it over. */
const FILED = 0.03;
/** What a fine file leaves. */
const FILE_SCRATCH = 0.02;

/**
 * What file and cloth must still take off over ridges of a height (mm, on radius), up to a finest grit: the file down to
 * the ridges' roots, then each cloth the scratches of what went before it. A cloth too coarse for the marks it finds is
 * left out. Errors: out-of-range.
 *
 * @example
 * finishing({ ridge: 0.02, finest: 400 }).steps.length
 * // → 5
 */
export function finishing({ ridge, finest }: { ridge: number; finest: number }): Finishing {
  notNegative(ridge, 'ridge', 'The ridge');
  const steps: FinishingStep[] = [];
  let marks = ridge;
  if (ridge > FILED) {
    steps.push({ by: 'file', takes: ridge });
    marks = FILE_SCRATCH;
  }
  for (const { grit, scratch } of CLOTHS) {
    if (grit > finest || scratch >= marks) continue;
    steps.push({ by: grit, takes: marks });
    marks = scratch;
  }
  const takes = steps.reduce((sum, s) => sum + s.takes, 0);
  return { steps, leave: 2 * takes, belowRoots: Math.max(0, takes - ridge) };
}
