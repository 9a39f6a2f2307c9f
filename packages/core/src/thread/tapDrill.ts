import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';
import { PROFILES, type VeeThread } from './form';
import { TAPPED_DEEP } from './usual';
import { DRILL_POINT } from '../kit/usual';

export interface TapDrill {
  /** mm. */
  readonly drill: number;
  /** Part of the full overlap the thread then has, 0 to 1. */
  readonly engagement: number;
}

/** Less than this is weak; more than this breaks taps. */
const LEAST = 0.6;
const MOST = 0.98;

/**
 * Tapping drill for a wanted engagement: D − 2·e·h with h the full overlap of nut and screw (5/8 H for 60° threads,
 * the whole depth for Whitworth). From the drills owned, the nearest that keeps it between 60 and 98 %, or null.
 * Errors: out-of-range.
 *
 * @example
 * tapDrill({ thread: M6, engagement: 0.9, drills: [5, 5.1] }).exact
 * // → 5.02572
 */
export function tapDrill({
  thread,
  engagement,
  drills,
}: {
  thread: VeeThread;
  engagement: number;
  drills: readonly number[];
}): { exact: number; owned: TapDrill | null } {
  positive(engagement, 'engagement', 'The engagement');
  if (engagement > 1)
    throw new AnelloError(
      'out-of-range',
      'engagement',
      'A thread cannot engage by more than the whole of its depth.',
    );
  const full = 2 * PROFILES[thread.form].overlap * thread.pitch;
  const exact = positive(thread.diameter, 'diameter', 'The diameter') - engagement * full;
  const owned = drills
    .map((drill) => ({ drill, engagement: (thread.diameter - drill) / full }))
    .filter((d) => d.engagement >= LEAST && d.engagement <= MOST)
    .sort((a, b) => Math.abs(a.engagement - engagement) - Math.abs(b.engagement - engagement))[0];
  return { exact, owned: owned ?? null };
}

export interface TappedHole {
  /** Full diameter of the tapping drill goes this deep, from the face the thread starts at. */
  readonly drillDepth: number;
  /** Its point reaches this deep. */
  readonly tip: number;
  /** Clears the thread's crest, so that a bruised mouth does not touch the first thread. */
  readonly counterbore: { readonly diameter: number; readonly depth: number };
  /** Engaged by a diameter at least, as steel wants it: the screw breaks before the hole strips. */
  readonly strongEnough: boolean;
}

/** Turns the taper lead of a second tap needs below the last full thread. */
const LEAD_TURNS = 4;
const CLEAR = 0.5;
const HALVES = 2;

/**
 * How deep a thread is tapped where the drawing does not say, mm.
 *
 * @example
 * usualThreadLength(M6)
 * // → 9
 */
export const usualThreadLength = ({ diameter }: Pick<VeeThread, 'diameter'>): number =>
  TAPPED_DEEP * diameter;

/**
 * The hole for a tapped thread of full threads `length` deep (mm): drill, point, counterbore.
 *
 * @example
 * tappedHole({ thread: M6, length: 12, drill: 5 }).tip
 * // → 17.5022
 */
export function tappedHole({
  thread,
  length,
  drill,
}: {
  thread: VeeThread;
  length: number;
  drill: number;
}): TappedHole {
  const drillDepth = positive(length, 'length', 'The threaded length') + LEAD_TURNS * thread.pitch;
  return {
    drillDepth,
    tip: drillDepth + positive(drill, 'drill', 'The drill') / 2 / Math.tan(DRILL_POINT / 2),
    counterbore: {
      diameter: Math.ceil((thread.diameter + CLEAR) * HALVES) / HALVES,
      depth: Math.max(1, thread.pitch),
    },
    strongEnough: length >= thread.diameter,
  };
}
