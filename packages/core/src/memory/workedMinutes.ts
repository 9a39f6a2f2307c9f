import { PAUSE } from './usual';

const MINUTE = 60_000;

/**
 * Minutes between one thing kept and the next, long pauses left out. ISO times in any order.
 *
 * @example
 * workedMinutes(['2026-11-20T10:00:00Z', '2026-11-20T10:12:00Z', '2026-11-20T14:00:00Z'])
 * // → 12
 */
export function workedMinutes(times: readonly string[]): number {
  const at = times.map((time) => Date.parse(time)).sort((a, b) => a - b);
  const gaps = at.slice(1).map((time, i) => (time - (at[i] as number)) / MINUTE);
  return gaps.filter((gap) => gap <= PAUSE).reduce((sum, gap) => sum + gap, 0);
}
