import { approachAdvice, approachOf } from '@anello/core/approach';
import { PASSES_AGAIN, passPlan, USUAL_PASSES, type Pass } from '@anello/core/cutting';
import { radialOf } from '@anello/core/machine';
import { sweptCone, type Evidence } from '@anello/core/evidence';
import type { Tried, VirtualLathe } from '@anello/core/virtual-lathe';
import type { Ended } from '../work';
import {
  angleSaid,
  begin,
  clothOver,
  cutClean,
  evidenceOf,
  nudgeFrom,
  setByCards,
  tryIn,
  type ConeWork,
} from './cone';
import { judge } from './judge';
import { Kept } from './kept';

const RISK = 0.01;
const MOST_TRIALS = 40;
/** Cut again for the angle only while so much is on, on radius: less is spent on the line. */
const ROOM = 0.015;

/** A cone made by what the cards say and nothing else. */
export function coneByCards(work: ConeWork, seed: number): Ended {
  const { lathe, context } = begin(work, seed);
  const { task } = work;
  const height = lathe.act({ do: 'height' }).reading as number;
  lathe.act({ do: 'raise', by: -height });
  setByCards(work, lathe, context);
  const records = new Kept();
  let fed = cutToTry(work, lathe, records);

  const slope = Math.tan(task.halfAngle);
  const division = radialOf(lathe.lathe.dial.division, lathe.lathe.dial.reads) / 4;
  let trials = 0;
  let settled = false;
  const stood = (seen: number, checked = false): void =>
    records.keep({
      kind: 'stand-off',
      seen,
      halfAngle: task.halfAngle,
      diameterLeft: 2 * seen * slope,
      typed: String(seen),
      ...(checked ? { checked } : {}),
    });
  const feed = (depth: number): number => {
    fed += depth;
    records.passed(depth);
    return work.pass(lathe, fed);
  };
  while (trials < MOST_TRIALS) {
    const tried = tryIn(work, lathe);
    trials++;
    if (tried.standOff === null) break;
    stood(tried.standOff);
    if (!settled && tried.standOff * slope > ROOM) {
      const said = angleSaid(work, [
        ...evidenceOf(tried),
        ...measuredWhereItTells(work, lathe, tried, records),
      ]);
      settled = said === null || Math.abs(said - task.halfAngle) <= task.tolerance.halfAngle;
      if (!settled && said !== null) {
        records.nudged(work.way, said, task.halfAngle);
        nudgeFrom(work, lathe, context, said);
        cutClean(feed);
        continue;
      }
    }
    if (!step(work, lathe, { records, division, feed, stood })) break;
  }
  return judge(work, lathe, trials);
}

/** Roughed by the plan of the passes, measured, and the last of the stock in the plan's light cuts: gives what was fed in. */
function cutToTry(work: ConeWork, lathe: VirtualLathe, records: Kept): number {
  const { z, now, finish } = work.touch(lathe);
  const { member } = work.task;
  const { division, reads } = lathe.lathe.dial;
  const plan = (from: number, dialNow: number): readonly Pass[] =>
    passPlan({ member, now: from, finish, dialNow, division, reads, ...USUAL_PASSES });
  let dial = 0;
  const take = (passes: readonly Pass[]): void => {
    for (const { dialTo, depth } of passes) {
      dial = dialTo;
      records.passed(depth);
      work.pass(lathe, radialOf(dial, reads));
    }
  };
  const rough = plan(now, 0).filter(({ kind }) => kind === 'rough');
  take(rough);
  const side = member === 'external' ? 'outside' : 'inside';
  const roughed = lathe.act({ do: 'measure', at: z, side }).reading as number;
  records.measured(roughed, rough.at(-1)?.diameterAfter ?? now);
  take(plan(roughed, dial));
  // Again at the same figure: what the last cut sprang is not to be taken for metal by the try.
  for (let i = 0; i < PASSES_AGAIN; i++) {
    records.passed(0);
    work.pass(lathe, radialOf(dial, reads));
  }
  return radialOf(dial, reads);
}

interface Desk {
  readonly records: Kept;
  readonly division: number;
  feed(depth: number): number;
  stood(seen: number, checked?: boolean): void;
}

/** What the card of the approach says is done; gives whether there is more to do. */
function step(work: ConeWork, lathe: VirtualLathe, { records, division, feed, stood }: Desk): boolean {
  const limits = {
    halfAngle: work.task.halfAngle,
    standOff: work.standOff,
    risk: RISK,
    division,
    twice: true,
  };
  for (let looks = 0; looks < MOST_LOOKS; looks++) {
    const said = approachAdvice(approachOf(records.all, 1), limits);
    if (!said || said.move === 'none') return false;
    if (said.move === 'by-hand') return byHand(work, lathe);
    if (said.move === 'cut' || said.move === 'spring-pass' || said.move === 'draw-back') {
      feed(said.infeed);
      if (said.twice) feed(0);
      return true;
    }
    // Measured again; or dial, slide and tool looked at, and the count begun anew.
    const seen = said.move === 'measure' ? meanOfFour(work, lathe) : tryIn(work, lathe).standOff;
    if (seen !== null) stood(seen, said.move === 'check');
  }
  return false;
}
const MOST_LOOKS = 3;
const MOST_CLOTH = 20;

/** Tried in four times, where one reading can be out by enough to hide what it stands at. */
function meanOfFour(work: ConeWork, lathe: VirtualLathe): number | null {
  let sum = 0;
  for (let i = 0; i < 4; i++) {
    const { standOff } = tryIn(work, lathe);
    if (standOff === null) return null;
    sum += standOff / 4;
  }
  return sum;
}

/** A little at a time, tried between, until it stands right: by hand nothing is fed any more. */
function byHand(work: ConeWork, lathe: VirtualLathe): false {
  for (let i = 0; i < MOST_CLOTH; i++) {
    clothOver(work, lathe);
    const { standOff } = tryIn(work, lathe);
    if (standOff === null || standOff < work.standOff * WELL_IN) break;
  }
  return false;
}
/** What is read is not certain: it is brought this well inside. */
const WELL_IN = 0.7;

/**
 * The cone itself measured. A bore is swept by the carriage, which loses where the compound's cut began: only where the plug
 * does not mark it from end to end.
 */
function measuredWhereItTells(
  work: ConeWork,
  lathe: VirtualLathe,
  { bands }: Tried,
  records: Kept,
): Evidence[] {
  if (work.task.member === 'external') return [measured(work, lathe)];
  if (bands === 'full') return [];
  const found = measured(work, lathe);
  records.swept(found);
  return [found];
}

/** The cone itself from end to end, with plus or minus. */
function measured(work: ConeWork, lathe: VirtualLathe): Extract<Evidence, { kind: 'measured' }> {
  const { ratio, uncertainty } = sweptCone({
    ...work.sweepCone(lathe),
    halfAngle: work.task.halfAngle,
    smallDiameter: work.task.smallDiameter,
    length: work.task.length,
  });
  return { kind: 'measured', ratio, uncertainty: Math.max(uncertainty, LEAST_RATIO) };
}
/** Nobody claims a swept ratio closer than an indicator's own figure over the length, k = 2. */
const LEAST_RATIO = 4e-5;
