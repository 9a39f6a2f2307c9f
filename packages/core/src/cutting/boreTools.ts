import { positive } from '../basics/check';
import { reamingStock } from './ream';

export interface BoreTools {
  /** Largest drill owned that leaves enough for the next tool; null when none does. mm. */
  readonly drill: number | null;
  /** What it would have to stay under. */
  readonly drillUnder: number;
  /** A reamer of exactly this size, or null. */
  readonly reamer: number | null;
}

/** Sizes nearer than this are one size, mm. */
const SAME = 1e-4;

/**
 * What to drill, and whether to ream, for a plain hole of a size (mm), from the sets owned. Errors: out-of-range.
 *
 * @example
 * boreTools({ diameter: 12, drills: [11.5, 11.8], reamers: [12] })
 * // → { drill: 11.8, drillUnder: 11.864, reamer: 12 }
 */
export function boreTools({
  diameter,
  drills,
  reamers,
}: {
  diameter: number;
  drills: readonly number[];
  reamers: readonly number[];
}): BoreTools {
  const drillUnder = positive(diameter, 'diameter', 'The bore') - reamingStock(diameter);
  return {
    drill: drills.filter((d) => d <= drillUnder).reduce<number | null>((a, b) => Math.max(a ?? b, b), null),
    drillUnder,
    reamer: reamers.find((r) => Math.abs(r - diameter) < SAME) ?? null,
  };
}
