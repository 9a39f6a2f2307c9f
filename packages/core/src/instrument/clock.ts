/** A reading as it came in: when, s, and when it was by the instrument's own clock, where it has one. */
export interface Arrival {
  readonly came: number;
  readonly own?: number | undefined;
}

/**
 * What lies between an instrument's own clock and ours, s: the least that any of its readings took to come. A wire can be
 * late, never early, so that readings which came in a bunch still have the moments they were taken at. Null where it has no
 * clock.
 *
 * @example
 * clockOffset([{ came: 100.02, own: 5 }, { came: 100.11, own: 5.1 }, { came: 100.35, own: 5.2 }])
 * // → 95.01
 */
export function clockOffset(arrivals: readonly Arrival[]): number | null {
  let least: number | null = null;
  for (const { came, own } of arrivals)
    if (own !== undefined && (least === null || came - own < least)) least = came - own;
  return least;
}

/** One that speaks at least so often is to be heard all the time; another speaks when its key is pressed. */
const STREAMS = 0.3;
const AT_LEAST = 4;
/** Silent for so much longer than it ever was between two readings, it is gone. */
const TIMES = 3;
const SOONEST = 0.4;
const LATEST = 0.9;

/**
 * Silence after which an instrument that sends all the time is gone, s; null of one that sends only when it is told to, as
 * a micrometer with a key: of its silence nothing follows.
 *
 * @example
 * goneAfter([{ came: 0 }, { came: 0.1 }, { came: 0.2 }, { came: 0.35 }, { came: 0.45 }])
 * // → 0.45
 */
export function goneAfter(arrivals: readonly Arrival[]): number | null {
  if (arrivals.length < AT_LEAST) return null;
  const gaps = arrivals.slice(1).map(({ came }, i) => came - (arrivals[i] as Arrival).came);
  const longest = Math.max(...gaps);
  if (longest > STREAMS) return null;
  return Math.min(LATEST, Math.max(SOONEST, TIMES * longest));
}
