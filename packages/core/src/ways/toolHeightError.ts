import { AnelloError } from '../basics/error';
import { finite, positive, taperAngle } from '../basics/check';
import { turningAt } from '../basics/search';
import { length as lengthFigure } from '../figure/figure';

export interface ToolHeightCase {
  readonly smallDiameter: number;
  readonly length: number;
  readonly halfAngle: number;
  /** Tool above (+) or below (-) centre, mm. */
  readonly height: number;
}

/**
 * What a tool off centre height does to a cone whose small end is made to size: the large diameter's
 * error, and the middle's against the straight line between the real ends (negative is hollow), mm on
 * diameter. The tool runs on a straight line that misses the axis by `height`, so the true radius is
 * hypot(x, height). Errors: impossible when off by more than the small radius.
 *
 * @example
 * toolHeightError({ smallDiameter: 20, length: 80, halfAngle: 0.025, height: 0.5 })
 * // → { largeDiameterError: -0.00417036, midDiameterError: -0.000189518 }
 */
export function toolHeightError({ smallDiameter, length, halfAngle, height }: ToolHeightCase): {
  largeDiameterError: number;
  midDiameterError: number;
} {
  const small = positive(smallDiameter, 'smallDiameter', 'The small diameter') / 2;
  const rise = positive(length, 'length', 'The length') * Math.tan(taperAngle(halfAngle));
  if (Math.abs(finite(height, 'height')) >= small) {
    throw new AnelloError('impossible', 'height', [
      'A tool ',
      lengthFigure(Math.abs(height), 0.01),
      ' off centre cannot reach a radius of ',
      lengthFigure(small, 0.01),
      '.',
    ]);
  }
  const start = Math.sqrt(small * small - height * height);
  const large = Math.hypot(start + rise, height);
  const middle = Math.hypot(start + rise / 2, height);
  return {
    largeDiameterError: 2 * (large - small - rise),
    midDiameterError: 2 * (middle - (small + large) / 2),
  };
}

/**
 * How far off centre the tool may stand (mm) before the cone's taper leaves its zone by more than
 * `allowed` (mm on diameter over the length). Bisection: the error grows steadily with height.
 */
export function toolHeightLimit({
  smallDiameter,
  length,
  halfAngle,
  allowed,
}: Omit<ToolHeightCase, 'height'> & { allowed: number }): number {
  positive(allowed, 'allowed', 'The allowance');
  const high = (smallDiameter / 2) * 0.999;
  const error = (height: number): number =>
    Math.abs(toolHeightError({ smallDiameter, length, halfAngle, height }).largeDiameterError);
  if (error(high) <= allowed) return high;
  return turningAt((height) => error(height) <= allowed, 0, high, HALVINGS)[0];
}
const HALVINGS = 60;

const PROFILE_POINTS = 24;

/**
 * How far the real side of the cone lies from the straight side it should have, on radius, from the small end (z 0)
 * to the large: zero at the small end, which is made to size. Errors as toolHeightError.
 */
export function toolHeightProfile(given: ToolHeightCase): { z: number; off: number }[] {
  toolHeightError(given);
  const small = given.smallDiameter / 2;
  const slope = Math.tan(given.halfAngle);
  const start = Math.sqrt(small * small - given.height * given.height);
  return Array.from({ length: PROFILE_POINTS + 1 }, (_, i) => {
    const z = (given.length * i) / PROFILE_POINTS;
    return { z, off: Math.hypot(start + z * slope, given.height) - small - z * slope };
  });
}
