import type { Lathe } from '../machine/lathe';
import type { Way } from './taper/way';

/** Checking and nudging a device that still stands near the angle, instead of setting it afresh, minutes. */
const STILL_SET = 8;

/** Set-up minutes of a way on a lathe. */
export function setUpMinutes(
  way: Pick<Way, 'id' | 'usualMinutes'>,
  lathe: Lathe,
  stillThere = false,
): number {
  const own = lathe.minutes?.[way.id] ?? way.usualMinutes;
  return stillThere ? Math.min(own, STILL_SET) : own;
}
