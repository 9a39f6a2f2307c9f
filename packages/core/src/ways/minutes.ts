import type { Lathe } from '../machine/lathe';
import type { WayId } from '../taper/wayId';

/** Usual set-up times in minutes, from nothing set to the first cut; every shop changes them to its own. */
const USUAL: Readonly<Record<WayId, number>> = {
  compound: 20,
  attachment: 30,
  tailstock: 35,
  'form-tool': 40,
  reamer: 10,
  'copy-master': 15,
};

/** Checking and nudging a device that still stands near the angle, instead of setting it afresh. */
const STILL_SET = 8;

/** Set-up minutes of a way on a lathe. */
export function setUpMinutes(way: WayId, lathe: Lathe, stillThere = false): number {
  const own = lathe.minutes?.[way] ?? USUAL[way];
  return stillThere ? Math.min(own, STILL_SET) : own;
}
