import { taperAngle } from '../basics/check';
import { FRICTION } from './usual';

/** Within this of the friction angle, oil or a knock decides. */
const NEAR = (1.5 / 180) * Math.PI;

export interface Holding {
  readonly holds: 'self-holding' | 'self-releasing' | 'borderline';
  readonly frictionAngle: number;
}

/**
 * Whether a cone pressed home stays by friction alone: it does while the half angle (rad) is under the friction
 * angle atan µ. Errors: out-of-range. Source: a body on a slope stays while the slope is less than atan µ.
 *
 * @example
 * selfHolding({ halfAngle: SHANK.halfAngle }).holds
 * // → 'self-holding'
 */
export function selfHolding({
  halfAngle,
  friction = FRICTION,
}: {
  halfAngle: number;
  friction?: number;
}): Holding {
  const frictionAngle = Math.atan(friction);
  const margin = frictionAngle - taperAngle(halfAngle);
  const holds = Math.abs(margin) < NEAR / 2 ? 'borderline' : margin > 0 ? 'self-holding' : 'self-releasing';
  return { holds, frictionAngle };
}
