import { AnelloError } from '../basics/error';
import { finite, notNegative, positive } from '../basics/check';
import type { Across } from '../holding/tilt';

/** A disc or a hole: round, on its own axis. mm. */
export interface RoundMass {
  readonly axis: Across;
  readonly diameter: number;
  readonly length: number;
  /** A hole takes away. */
  readonly hole?: boolean;
}

export interface Balance {
  /** kg. */
  readonly mass: number;
  /** From the spindle's axis to the work's centre of mass, mm. */
  readonly offset: number;
  /** Where the heavy side lies, rad. */
  readonly heavy: number;
  /** kg mm. */
  readonly unbalance: number;
  /** Spindle speed (rpm) at which it pulls with half its own weight; null when it is balanced and none does. */
  readonly topSpeed: number | null;
}

const GRAVITY = 9.81;
/** Pull as a part of the work's own weight that a light lathe bears without shaking its finish. */
const QUIET = 0.5;
/** kg in a mm³ of 1 g/cm³. */
const KG = 1e-6;

/**
 * How far out of balance work is that turns about an axis other than its own, and a sensible top speed: the one at
 * which it pulls with half its own weight, ω² r = g / 2. Density g/cm³, lengths mm. Errors: out-of-range; impossible
 * where the holes take away more than there is.
 *
 * @example
 * balance({
 *   masses: [{ axis: { x: 4.75, y: 0 }, diameter: 54, length: 18 }],
 *   spindle: { x: 0, y: 0 },
 *   density: 7.85,
 * }).offset
 * // → 4.75
 */
export function balance({
  masses,
  spindle,
  density,
}: {
  masses: readonly RoundMass[];
  spindle: Across;
  density: number;
}): Balance {
  positive(density, 'density', 'The density');
  const weighed = masses.map((m) => ({
    x: finite(m.axis.x, 'axis') - spindle.x,
    y: finite(m.axis.y, 'axis') - spindle.y,
    kg: (m.hole ? -1 : 1) * (Math.PI / 4) * m.diameter ** 2 * m.length * density * KG,
  }));
  const sum = (of: (m: (typeof weighed)[number]) => number): number =>
    weighed.reduce((total, m) => total + of(m), 0);
  const mass = sum((m) => m.kg);
  if (!(mass > 0)) throw new AnelloError('impossible', 'masses', 'The holes take away more than there is.');
  const [x, y] = [sum((m) => m.kg * m.x) / mass, sum((m) => m.kg * m.y) / mass];
  const offset = Math.hypot(x, y);
  return {
    mass,
    offset,
    heavy: Math.atan2(y, x),
    unbalance: mass * offset,
    topSpeed: speedFor(QUIET * mass * GRAVITY, mass * offset),
  };
}

/** Pull of an unbalance (kg mm) at a speed (rpm), N. */
export function pullAt({ unbalance, rpm }: { unbalance: number; rpm: number }): number {
  const omega = (notNegative(rpm, 'rpm', 'The speed') * Math.PI) / 30;
  return (notNegative(unbalance, 'unbalance', 'The unbalance') / 1000) * omega * omega;
}

/** Less than this is balanced, kg mm: a hundredth of a gram at a tenth of a mm. */
const BALANCED = 1e-6;
const speedFor = (pull: number, unbalance: number): number | null =>
  unbalance <= BALANCED ? null : (30 / Math.PI) * Math.sqrt(pull / (unbalance / 1000));

/**
 * Where a counterweight goes: opposite the heavy side, rad from 0 to a whole turn.
 *
 * @example
 * lightSide({ heavy: 0 })
 * // → 3.14159
 */
export const lightSide = ({ heavy }: Pick<Balance, 'heavy'>): number =>
  (((heavy + Math.PI) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);

/**
 * Mass (kg) to put opposite the heavy side at a radius (mm) so that it runs still. Errors: out-of-range.
 *
 * @example
 * counterweight({ unbalance: 500, radius: 50 })
 * // → 10
 */
export function counterweight({ unbalance, radius }: { unbalance: number; radius: number }): number {
  return (
    notNegative(unbalance, 'unbalance', 'The unbalance') /
    positive(radius, 'radius', 'The radius of the counterweight')
  );
}
