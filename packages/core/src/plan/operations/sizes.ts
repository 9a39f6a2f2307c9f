import { holeLimits } from '../../fit/isoHole';
import { limitsOf } from '../../part/limitsOf';
import { USUAL_ENGAGEMENT } from '../../thread/usual';
import type { Thread } from '../../part/kinds/thread';
import type { Bore } from '../../part/kinds/bore';
import { threadNamed } from '../../thread/designation';
import type { VeeThread } from '../../thread/form';
import { tapDrill, tappedHole, type TappedHole } from '../../thread/tapDrill';
import type { Laid, Placed } from '../piece/laid';
import { attempted } from './attempted';
import {
  BORING_STOCK,
  DRILL_OVER,
  DRILL_STEP,
  DRILL_TO_SIZE,
  LARGEST_DRILL,
  LARGEST_TAP,
  REAMING_STOCK,
  SAME,
  TAP_DRILL_STEP,
  TAP_SLACK,
  USUAL_PITCH,
} from '../piece/usual';
import { isBore, isGroove, isThread } from '../../part/kinds/is';

const isInside = (s: Placed): boolean => s.side === 'internal';

/** The reamer owned that makes this hole within its limits, where one does. */
export const reamerFor = ({ part: { kit } }: Laid, s: Placed): number | null =>
  isBore(s) && isInside(s)
    ? (kit.reamers.find((d) => Math.abs(d - 2 * s.smallest) <= DRILL_TO_SIZE / 2 && reams(d, s)) ?? null)
    : null;

/** A reamer makes the H7 of its size: a hole that is to press, or to run freely, is another one. */
function reams(reamer: number, { feature }: Placed): boolean {
  const [made, wanted] = [
    attempted(() => holeLimits({ diameter: reamer, fit: 'H7' })),
    attempted(() => limitsOf(feature)),
  ];
  if (!made || !wanted) return true;
  const middle = (made.least + made.most) / 2;
  return middle >= wanted.least && middle < wanted.most - SAME;
}

/** Whether a thread is tapped; larger ones are cut with a single point. */
export const isTapped = (s: Placed): boolean => isThread(s) && isInside(s) && 2 * s.largest <= LARGEST_TAP;

/** A thread as its designation names it; one nobody can read is taken for a metric one of its size. */
export function veeOf(s: Placed): VeeThread {
  const { designation, pitch } = s.feature as Thread;
  const diameter = 2 * s.largest;
  const named = attempted(() => threadNamed(designation));
  const form = named?.form ?? 'metric';
  return { form, diameter, pitch: pitch ?? named?.pitch ?? diameter * USUAL_PITCH };
}

/** The drill for a tap: by the usual engagement, of the drills owned the nearest, or of the usual ones. mm. */
export function tappingDrill({ part: { kit } }: Laid, thread: VeeThread): number {
  const of = (drills: readonly number[]) => tapDrill({ thread, engagement: USUAL_ENGAGEMENT, drills });
  const { exact, owned } = of(kit.drills);
  const nearest = [Math.floor, Math.ceil].map((round) => round(exact / TAP_DRILL_STEP) * TAP_DRILL_STEP);
  return (owned ?? of(nearest).owned)?.drill ?? exact;
}

/** Bore of an inside thread before its thread, diameter: its drill where it is tapped, bored to its own figure where it is not. mm. */
export const threadBore = (laid: Laid, s: Placed): number =>
  isTapped(s)
    ? tappingDrill(laid, veeOf(s))
    : tapDrill({ thread: veeOf(s), engagement: USUAL_ENGAGEMENT, drills: [] }).exact;

/** The hole of a tapped thread: how deep its drill goes for the tap's lead, and what keeps its mouth from bruises. */
export const holeOf = (laid: Laid, s: Placed): TappedHole =>
  tappedHole({ thread: veeOf(s), length: s.z1 - s.z0, drill: threadBore(laid, s) });

/** The largest drill that leaves a margin in a hole, of those owned or, where none is said, of the usual steps. */
function drillUnder({ part: { kit } }: Laid, most: number): number {
  const owned = kit.drills.filter((d) => d <= most + SAME);
  if (owned.length > 0) return Math.max(...owned);
  const usual = Math.min(LARGEST_DRILL, Math.floor((most + SAME) / DRILL_STEP) * DRILL_STEP);
  return usual > 0 ? usual : most;
}

/** Whether a drill's hole lies within what the drawing allows. */
function drilledIsGood({ feature }: Placed, diameter: number): boolean {
  const limits = attempted(() => limitsOf(feature));
  return !limits || (limits.least <= diameter + SAME && limits.most >= diameter + DRILL_OVER - SAME);
}

/** Whether a drill alone makes the hole: no fit asked, room for what a drill cuts over, its size at hand. */
export function drillMakesIt({ part: { kit } }: Laid, s: Placed): boolean {
  if (!isBore(s) || !isInside(s) || (s.feature as Bore).fit || !drilledIsGood(s, 2 * s.largest)) return false;
  const diameter = 2 * s.largest;
  return kit.drills.length === 0
    ? diameter <= LARGEST_DRILL && Math.abs(diameter / DRILL_STEP - Math.round(diameter / DRILL_STEP)) < SAME
    : kit.drills.some((d) => Math.abs(d - diameter) <= DRILL_TO_SIZE);
}

/** The drill for an inside feature, diameter, mm. */
export function drillFor(laid: Laid, s: Placed): number {
  const diameter = 2 * s.smallest;
  if (drillMakesIt(laid, s)) return 2 * s.largest;
  if (reamerFor(laid, s) !== null) return drillUnder(laid, diameter - REAMING_STOCK);
  if (isTapped(s)) return threadBore(laid, s);
  return drillUnder(laid, (isThread(s) ? threadBore(laid, s) : diameter) - BORING_STOCK);
}

/** Whether an inside feature begins with a hole of its own: neither the bar's nor a deeper one's is as wide. */
export function wantsHole(laid: Laid, s: Placed): boolean {
  if (!isInside(s) || isGroove(s)) return false;
  const size = drillFor(laid, s);
  if (2 * laid.holeRadius >= size - SAME) return false;
  if (drillMakesIt(laid, s)) return true;
  const depth = depthOf(laid, s);
  return !laid.inside.some(
    (deeper) =>
      deeper.from === s.from &&
      !isGroove(deeper) &&
      depthOf(laid, deeper) > depth + SAME &&
      drillFor(laid, deeper) >= size - (isTapped(s) ? TAP_SLACK : SAME),
  );
}

/** Whether a hole goes on behind an inside feature, so that what is cut in it runs out. */
export const runsOn = (laid: Laid, s: Placed): boolean =>
  laid.holeRadius > 0 ||
  laid.inside.some((deeper) => deeper.from === s.from && depthOf(laid, deeper) > depthOf(laid, s) + SAME);

/** Depth of a section's bottom from the face it is sunk from, mm. */
export const depthOf = ({ length }: Laid, s: Placed): number =>
  s.from === 'headstock' ? s.z1 : length - s.z0;
