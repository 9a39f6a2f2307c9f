import { angleNow, fitEvidence, type Evidence } from '@anello/core/evidence';
import { judgeLongSweep, nextNudge, settingSteps, type SettingContext } from '@anello/core/setting';
import type { WayId } from '@anello/core/taper';
import { gaugeOfCone, type ConePlace } from '@anello/core/practice';
import { makeVirtualLathe, type Tried, type VirtualLathe } from '@anello/core/virtual-lathe';

/** A cone to be made, where it lies on the bed, and how its way is worked. */
export interface ConeWork extends ConePlace {
  readonly way: WayId;
  /** How far off its line it may stand, mm. */
  readonly standOff: number;
  /** What a nudge of 1 rad is at the place it is read, mm. */
  readonly arm: number;
  /** Puts piece and tool in, and sets the device by its scale. */
  prepare(lathe: VirtualLathe): void;
  /** The needle along the device's own run: what it climbs. */
  sweep(lathe: VirtualLathe): { readonly travel: readonly number[]; readonly reading: readonly number[] };
  /** The finished cone itself from end to end by the carriage: larger is a larger radius. */
  sweepCone(lathe: VirtualLathe): { readonly travel: readonly number[]; readonly reading: readonly number[] };
  /** Moves the device by what is read at its place, or over a travel: more than nothing is steeper. */
  nudge(lathe: VirtualLathe, by: number, over: number): void;
  /** Touches the metal where its size is known: there, on diameter, what it is and what it is to be. */
  touch(lathe: VirtualLathe): { readonly z: number; readonly now: number; readonly finish: number };
  /** One pass with so much fed in since it touched, on radius: gives the part of the cone that is freshly cut after it. */
  pass(lathe: VirtualLathe, fed: number): number;
}

export const LEVEL = 3;
const contextOf = (work: ConeWork, lathe: VirtualLathe): SettingContext => ({
  task: work.task,
  lathe: lathe.lathe,
});
export const begin = (work: ConeWork, seed: number): { lathe: VirtualLathe; context: SettingContext } => {
  const lathe = makeVirtualLathe({ seed, level: LEVEL });
  const context = contextOf(work, lathe);
  work.prepare(lathe);
  return { lathe, context };
};

/** By hand: cloth from end to end of the cone. */
export function clothOver(work: ConeWork, lathe: VirtualLathe): void {
  const { from, to } = gaugeOfCone(work);
  lathe.act({ do: 'cloth', from, to });
}

export const tryIn = (work: ConeWork, lathe: VirtualLathe): Tried =>
  lathe.act({ do: 'try', ...gaugeOfCone(work) }).tried as Tried;

/** What a try is as evidence: where it marks, where it is loose, how far it rocks. */
export const evidenceOf = ({ bands, shake, rock }: Tried): Evidence[] => [
  ...(bands ? [{ kind: 'bands', where: bands } as const] : []),
  { kind: 'shake', where: shake },
  ...(rock ? [{ kind: 'rock', ...rock } as const] : []),
];

/** The half angle the piece stands at by what was tried, as the card of Prove has it; null where it is not what is wrong. */
export function angleSaid({ task }: ConeWork, evidence: readonly Evidence[]): number | null {
  const band = task.tolerance.halfAngle;
  const fit = fitEvidence({
    member: task.member,
    evidence,
    halfAngle: task.halfAngle,
    band,
    length: task.length,
  });
  const { halfAngle, basis } = angleNow(fit, { halfAngle: task.halfAngle, band });
  return basis === 'none' ? null : halfAngle;
}

/** Sets the device by the cards: swept, nudged by what it says, swept again, until it is in its band. */
export function setByCards(work: ConeWork, lathe: VirtualLathe, context: SettingContext): void {
  const sweep = settingSteps(work.way, context).find((step) => step.sweep?.reads === 'climb')?.sweep;
  if (!sweep) throw new Error(`There is no sweep for ${work.way}.`);
  for (let i = 0; i < MOST_NUDGES; i++) {
    const seen = work.sweep(lathe);
    const verdict = judgeLongSweep(work.way, context, sweep, seen);
    if (!verdict.nudge) return;
    const steeper = verdict.halfAngle.value < work.task.halfAngle;
    work.nudge(lathe, (steeper ? 1 : -1) * verdict.nudge.amount.value, seen.travel.at(-1) ?? 0);
  }
}
const MOST_NUDGES = 8;

/** Nudges from a half angle to the one that is wanted, by the amount the card says. */
export function nudgeFrom(work: ConeWork, lathe: VirtualLathe, context: SettingContext, from: number): void {
  const { amount } = nextNudge(work.way, context, from, work.task.length);
  work.nudge(lathe, (from < work.task.halfAngle ? 1 : -1) * amount.value, work.task.length);
}

/** After a nudge: light passes until all of the cone is freshly cut; what is tried before that is the cone of the old setting. */
export function cutClean(feed: (depth: number) => number): void {
  for (let i = 0; i < MOST_CLEANING; i++) if (feed(CLEAN_UP) > ALL_OF_IT) return;
}
const CLEAN_UP = 0.01;
const ALL_OF_IT = 0.95;
const MOST_CLEANING = 25;
