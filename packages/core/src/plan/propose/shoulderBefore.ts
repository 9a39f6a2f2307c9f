import { isCylinder, isTaper, isThread } from '../../part/kinds/is';
import { nearFrom, type Laid, type Placed } from '../piece/laid';
import { SAME } from '../piece/usual';
import type { End } from '../../taper/task';

/** How much higher than an outside diameter the work stands between it and the free end: a right-hand tool does not get past. */
export function shoulderBefore(laid: Laid, s: Placed, free: End): number {
  if (!isCylinder(s) && !isThread(s) && !isTaper(s)) return 0;
  const before = laid.outside.filter((one) => nearFrom(laid, one, free) < nearFrom(laid, s, free) - SAME);
  return Math.max(0, ...before.map((one) => one.largest - s.largest));
}
