import { positive } from '../basics/check';
import { coverageFor } from '../basics/student';
import type { Moment } from './moments';

/** A needle that goes on by itself while nothing moves. */
export interface Creep {
  /** mm in a minute. */
  readonly perMinute: number;
  /** Standard uncertainty of it. */
  readonly u: number;
}

/** Fewer readings, or a shorter rest, s, tell creep from the needle's own unrest only by luck. */
const FEWEST = 10;
const SHORTEST = 1.5;
/** Slower than this it does no harm in the minute a sweep takes, mm. */
const HARMLESS = 0.001;

/**
 * How fast a needle creeps while it should stand: a contact that slides off, a stand that sags, a magnet that lets go. A
 * straight line through its readings over a rest, told where it stands out of their scatter. Null where it does not creep, or
 * the rest was too short to tell. Errors: out-of-range (resolution).
 *
 * @example
 * creepOf(Array.from({ length: 40 }, (_, i) => ({ time: i / 10, value: 0.5 + 0.0001 * i })), 0.001).perMinute
 * // → 0.06
 */
export function creepOf(rest: readonly Moment[], resolution: number): Creep | null {
  positive(resolution, 'resolution', 'The resolution');
  const [first, last] = [rest[0], rest.at(-1)];
  if (!first || !last || rest.length < FEWEST || last.time - first.time < SHORTEST) return null;
  const n = rest.length;
  const meanTime = rest.reduce((sum, { time }) => sum + time, 0) / n;
  const mean = rest.reduce((sum, { value }) => sum + value, 0) / n;
  const spread = rest.reduce((sum, { time }) => sum + (time - meanTime) ** 2, 0);
  if (!(spread > 0)) return null;
  const slope = rest.reduce((sum, { time, value }) => sum + (time - meanTime) * (value - mean), 0) / spread;
  const left = rest.reduce(
    (sum, { time, value }) => sum + (value - mean - slope * (time - meanTime)) ** 2,
    0,
  );
  // Readings rounded to a step do not scatter as much as they are unsure.
  const sigma = Math.sqrt((left + resolution ** 2 / 12) / (n - 2));
  const u = 60 * (sigma / Math.sqrt(spread));
  const perMinute = 60 * slope;
  return Math.abs(perMinute) > Math.max(HARMLESS, 1.5 * coverageFor(n - 2) * u) ? { perMinute, u } : null;
}
