import { snapDown } from '../figure/round';
import { crossing } from './crossing';
import type { Foresight } from './foresee';
import { allowed, room } from './share';

/** What is cut twice at one figure before it is measured: the infeed, and how surely it then ends inside the band. */
export interface Twice {
  readonly infeed: number;
  readonly ends: number;
  /** Sure enough to be made for its own sake, and not only to learn from. */
  readonly arrives: boolean;
}

/** Infeeds are looked for to this part of what could be fed. */
const FINE = 2 ** -9;
/** Less surely than a single cut: what a miss of it shows is the size, with no spring left in it. */
const ARRIVES = 0.5;
/** Divisions tried under the one that is expected to end in the middle. */
const UNDER = 3;

/**
 * The infeed that, cut twice at the same figure, most surely ends inside the band, of those within the share of the risk;
 * where none does, a part of the largest that stays within it, to learn from. The second pass takes most of what the first one
 * sprang, so that less of what comes depends on how much a tool springs, which is what is known least. Null where nothing is safe.
 */
export function bestTwice(
  see: Foresight,
  {
    target,
    tolerance,
    division,
    share,
  }: Readonly<Record<'target' | 'tolerance' | 'division' | 'share', number>>,
  learning: number,
): Twice | null {
  const last = (most: number, of: (then: Foresight) => number): number =>
    crossing(0, most, most * FINE, (x) => of(see.after(x)));
  const middle = last(2 * target, (then) => then.landing(0).left - tolerance / 2);
  const safe = (then: Foresight): boolean => allowed(then, 0, share);
  const ends = (then: Foresight): number => then.landing(0).inside(tolerance);
  let best = { infeed: 0, ends: 0 };
  for (let k = 1; k >= -UNDER; k--) {
    const infeed = snapDown(middle, division) + k * division;
    const then = see.after(infeed);
    const surely = ends(then);
    if (infeed > 0 && surely > best.ends && safe(then)) best = { infeed, ends: surely };
  }
  if (best.ends >= ARRIVES) return { ...best, arrives: true };
  const most = best.infeed > 0 ? best.infeed : last(middle, (then) => room(then, 0, share));
  const infeed = snapDown(most * learning, division);
  return infeed > 0 ? { infeed, ends: ends(see.after(infeed)), arrives: false } : null;
}
