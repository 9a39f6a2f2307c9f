import { AnelloError } from '../basics/error';
import { positive, taperAngle } from '../basics/check';

/**
 * Small diameter (mm) of a cone standing on its small end, from a measurement over two rollers beside it
 * on the plate: M - D (1 + tan a + sec a). Errors: out-of-range, impossible.
 * Source: the roller touches plate and cone, so its centre lies r (tan a + sec a) outside the small end.
 *
 * @example
 * smallEndOverRollers({ measurement: 30, rollerDiameter: 5, halfAngle: 0.025 }).smallDiameter
 * // → 19.8734
 */
export function smallEndOverRollers({
  measurement,
  rollerDiameter,
  halfAngle,
}: {
  measurement: number;
  rollerDiameter: number;
  halfAngle: number;
}): { smallDiameter: number } {
  positive(measurement, 'measurement', 'The measurement');
  positive(rollerDiameter, 'rollerDiameter', 'The roller');
  const a = taperAngle(halfAngle);
  const smallDiameter = measurement - rollerDiameter * (1 + Math.tan(a) + 1 / Math.cos(a));
  if (smallDiameter <= 0) {
    throw new AnelloError(
      'impossible',
      'measurement',
      'That measures less than the two rollers side by side.',
    );
  }
  return { smallDiameter };
}
