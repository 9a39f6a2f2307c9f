import type { Compound, Tailstock } from '../machine/lathe';
import type { TaperTask } from '../taper/task';

export type Collision = 'clear' | 'collides' | 'unknown';

/** The handle's end and a hand round it, mm. */
const HANDLE_RADIUS = 30;

/**
 * Whether the compound's handle meets the tailstock's body while a centre holds the work and the tool stands at
 * the cone's tailstock end. Seen from above: the handle lies `reach` behind the point, swung the half angle
 * toward the axis when the large end is at the headstock, away from it otherwise. Unknown until the lathe's
 * record gives the four lengths.
 */
export function tailstockCollision({
  task,
  compound,
  tailstock,
  beyond,
}: {
  task: TaperTask;
  compound: Compound;
  tailstock: Tailstock | null;
  /** From the cone's tailstock end to the end of the part, mm. */
  beyond: number;
}): Collision {
  const { handleReach: reach, handleOut: out } = compound;
  if (!tailstock || reach === undefined || out === undefined) return 'unknown';
  const { barrelReach, bodyRadius } = tailstock;
  if (barrelReach === undefined || bodyRadius === undefined) return 'unknown';
  const toward = task.largeEnd === 'headstock' ? 1 : -1;
  const along = reach * Math.cos(task.halfAngle);
  const toolRadius = (task.largeEnd === 'headstock' ? task.smallDiameter : task.largeDiameter) / 2;
  const outward = toolRadius + out * Math.cos(task.halfAngle) - toward * reach * Math.sin(task.halfAngle);
  const reaches = along > beyond + barrelReach;
  return reaches && outward - HANDLE_RADIUS < bodyRadius ? 'collides' : 'clear';
}
