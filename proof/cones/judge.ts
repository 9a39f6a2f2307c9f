import type { VirtualLathe } from '@anello/core/virtual-lathe';
import type { Ended } from '../work';
import { coneTruth } from '@anello/core/practice';
import type { ConeWork } from './cone';

/** The cone as it was said to be done, against what it should be. */
export function judge(work: ConeWork, lathe: VirtualLathe, trials: number): Ended {
  lathe.act({ do: 'wait', seconds: 3600 });
  const { angleOff, standOff: stands } = coneTruth(work, lathe);
  const standOff = stands ?? -Infinity;
  const past = standOff < -work.standOff;
  const angle = Math.abs(angleOff) <= work.task.tolerance.halfAngle;
  return {
    right: angle && Math.abs(standOff) <= work.standOff,
    past,
    // A cone on its line with the wrong angle has no metal left to be made right.
    scrap: past || (!angle && standOff < work.standOff),
    trials,
    minutes: (lathe.seconds - 3600) / 60,
  };
}
