import { approachAdvice, approachOf } from '@anello/core/approach';
import type { KeptRecord } from '@anello/core/job';
import { passPlan, USUAL_PASSES, type Pass } from '@anello/core/cutting';
import { radialOf } from '@anello/core/machine';
import { sweptCone } from '@anello/core/evidence';
import type { VirtualLathe } from '@anello/core/virtual-lathe';
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

const RISK = 0.01;
const MOST_TRIALS = 40;
/** Cut again for the angle only while so much is on, on radius: less is spent on the line. */
const ROOM = 0.015;

/** The records of a piece, as the screens keep them. */
class Kept {
  readonly all: KeptRecord[] = [];
  keep(body: KeptRecord['body']): void {
    const n = this.all.length;
    this.all.push({
      id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
      jobId: 'proof',
      piece: 1,
      at: new Date(Date.UTC(2026, 10, 1, 8, 0, n)).toISOString(),
      operator: 'cards',
      body,
    });
  }
}

/** A cone made by what the cards say and nothing else. */
export function coneByCards(work: ConeWork, seed: number): Ended {
  const { lathe, context } = begin(work, seed);
  const { task } = work;
  const height = lathe.act({ do: 'height' }).reading as number;
  lathe.act({ do: 'raise', by: -height });
  setByCards(work, lathe, context);
  let fed = cutToTry(work, lathe);

  const records = new Kept();
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
    records.keep({ kind: 'pass', dialFrom: 0, dialTo: 0, planned: 0, depth, typed: '' });
    return work.pass(lathe, fed);
  };
  while (trials < MOST_TRIALS) {
    const tried = tryIn(work, lathe);
    trials++;
    if (tried.standOff === null) break;
    stood(tried.standOff);
    if (!settled && tried.standOff * slope > ROOM) {
      const said = angleSaid(work, [...evidenceOf(tried), measured(work, lathe)]);
      settled = said === null || Math.abs(said - task.halfAngle) <= task.tolerance.halfAngle;
      if (!settled && said !== null) {
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
function cutToTry(work: ConeWork, lathe: VirtualLathe): number {
  const { z, now, finish } = work.touch(lathe);
  const { member } = work.task;
  const { division, reads } = lathe.lathe.dial;
  const plan = (from: number, dialNow: number): readonly Pass[] =>
    passPlan({ member, now: from, finish, dialNow, division, reads, ...USUAL_PASSES });
  let dial = 0;
  const take = (passes: readonly Pass[]): void => {
    for (const pass of passes) {
      dial = pass.dialTo;
      work.pass(lathe, radialOf(dial, reads));
    }
  };
  take(plan(now, 0).filter(({ kind }) => kind === 'rough'));
  const side = member === 'external' ? 'outside' : 'inside';
  take(plan(lathe.act({ do: 'measure', at: z, side }).reading as number, dial));
  // Once more at the same figure: what the last cut sprang is not to be taken for metal by the try.
  work.pass(lathe, radialOf(dial, reads));
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
  const limits = { halfAngle: work.task.halfAngle, standOff: work.standOff, risk: RISK, division };
  for (let looks = 0; looks < MOST_LOOKS; looks++) {
    const said = approachAdvice(approachOf(records.all, 1), limits);
    if (!said || said.move === 'none') return false;
    if (said.move === 'by-hand') return byHand(work, lathe);
    if (said.move === 'cut' || said.move === 'spring-pass' || said.move === 'draw-back') {
      feed(said.infeed);
      return true;
    }
    // Measured again; or dial, slide and tool looked at, and the count begun anew.
    const { standOff } = tryIn(work, lathe);
    if (standOff !== null) stood(standOff, said.move === 'check');
  }
  return false;
}
const MOST_LOOKS = 3;
const MOST_CLOTH = 12;

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

/** The cone itself swept by an indicator from end to end. */
function measured(work: ConeWork, lathe: VirtualLathe): ReturnType<typeof evidenceOf>[number] {
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
