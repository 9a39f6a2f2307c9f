import type { VirtualLathe } from '@anello/core/virtual-lathe';
import type { Ended } from '../work';
import { begin, clothOver, cutClean, tryIn, type ConeWork } from './cone';
import { judge } from './judge';

/** Left on for trial and gauge, on radius, and roughed by. */
const FOR_TRIALS = 0.1;
const ROUGH_DEPTH = 0.75;
/** The last of the stock comes off in lighter cuts, on radius. */
const LAST_STOCK = 0.4;
const LIGHT = 0.15;
/** Of what geometry says is left half is fed each time, as the trade has it, and the last of it whole, mm of stand-off. */
const PART = 0.5;
const LAST = 0.4;
const MOST_TRIALS = 40;
/** Of the angle that a rock or a marking shows, so much is tapped, and so far where only the marking shows it, mm at the bar's end. */
const TAPPED = 0.7;
const TAP = 0.01;
/** So little is left to cloth, on radius. */
const CLOTH = 0.004;
/** Less metal than this on radius is not spent on the angle any more. */
const ROOM = 0.04;

/**
 * A cone as the trade makes it without anything to compute by: set by the scale, tried, tapped by what the marking shows,
 * and fed a part of what geometry says is left until the gauge stands at its line.
 */
export function coneByTrade(work: ConeWork, seed: number): Ended {
  const { lathe } = begin(work, seed);
  const slope = Math.tan(work.task.halfAngle);
  const { now, finish } = work.touch(lathe);
  const toLine = Math.abs(now - finish) / 2;
  let fed = 0;
  const feed = (by: number): number => {
    fed += by;
    return work.pass(lathe, fed);
  };
  while (fed < toLine - LAST_STOCK - 1e-9) feed(Math.min(ROUGH_DEPTH, toLine - LAST_STOCK - fed));
  while (fed < toLine - FOR_TRIALS - 1e-9) feed(Math.min(LIGHT, toLine - FOR_TRIALS - fed));
  let trials = 0;
  while (trials < MOST_TRIALS) {
    const tried = tryIn(work, lathe);
    trials++;
    if (tried.standOff === null) break;
    const left = tried.standOff * slope;
    if (Math.abs(tried.standOff) <= work.standOff && tried.bands === 'full') break;
    if (tried.standOff <= work.standOff) break;
    if (left < CLOTH) clothOver(work, lathe);
    else if (left > ROOM && tap(work, lathe, tried)) cutClean(feed);
    else feed(tried.standOff > LAST ? PART * left : left);
  }
  return judge(work, lathe, trials);
}

/** Tapped toward where it does not mark; gives whether it was. */
function tap(work: ConeWork, lathe: VirtualLathe, tried: ReturnType<typeof tryIn>): boolean {
  const outside = work.task.member === 'external';
  // Too steep a shank rides on its large end, too steep a bore on the plug's small one.
  const atLarge = tried.bands === 'large';
  const atSmall = tried.bands === 'small' || tried.bands === 'all-but-large';
  const [steep, shallow] = outside ? [atLarge, atSmall] : [atSmall, atLarge];
  if (!steep && !shallow) return false;
  const off = tried.rock ? tried.rock.swing / 2 / tried.rock.distance : null;
  const by = off === null ? TAP : TAPPED * off * work.arm;
  work.nudge(lathe, steep ? -by : by, work.arm);
  return true;
}
