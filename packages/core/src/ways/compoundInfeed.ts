import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';

/**
 * Feeding in with a swung compound: slide travel for a radial infeed (mm) and how far the tool moves along the
 * bed meanwhile. compoundAngle (rad) is from the spindle axis: 90° feeds square. Errors: out-of-range.
 *
 * @example
 * compoundInfeed({ radial: 0.05, compoundAngle: 0.1 })
 * // → { slideTravel: 0.500834, axial: 0.498332 }
 */
export function compoundInfeed({ radial, compoundAngle }: { radial: number; compoundAngle: number }): {
  slideTravel: number;
  axial: number;
} {
  finite(radial, 'radial');
  if (finite(compoundAngle, 'compoundAngle') <= 0 || compoundAngle >= Math.PI) {
    throw new AnelloError(
      'out-of-range',
      'compoundAngle',
      'A compound lying along the bed cannot feed in: its angle lies between 0 and 180°.',
    );
  }
  return { slideTravel: radial / Math.sin(compoundAngle), axial: radial / Math.tan(compoundAngle) };
}
