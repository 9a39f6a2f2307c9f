import { taperAngle } from '../basics/check';

/**
 * Friction of clean, lightly oiled steel on steel. Handbook figures run from 0.1 to 0.15; this stands between, so
 * a taper near the limit is said to be near it.
 */
export const FRICTION = 0.12;
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
