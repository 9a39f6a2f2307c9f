import type { Device } from '../machine/lathe';
import { angle, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { WayContext } from './taper/way';

/** Blanks of one length, near enough that the set-over still makes the same angle, mm. */
const SAME_LENGTH = 0.5;

/** What a device is still set to, and whether this taper could use it as it stands. */
export function stillSetNotes({ task, stillSet }: WayContext, device: Device): Phrase[] {
  const left = stillSet.find((s) => s.device === device);
  if (!left) return [];
  const near = Math.abs(left.halfAngle - task.halfAngle) <= task.tolerance.halfAngle;
  const { workLength } = left;
  if (
    device === 'tailstock' &&
    workLength !== undefined &&
    Math.abs(workLength - task.workLength) > SAME_LENGTH
  ) {
    return [['Still set to ', angle(left.halfAngle), ' for work ', length(workLength, 0.1), ' long.']];
  }
  return [
    near
      ? ['Still stands at ', angle(left.halfAngle), ', inside this taper’s band: check it and use it.']
      : ['Still set to ', angle(left.halfAngle), ', not this taper’s.'],
  ];
}
