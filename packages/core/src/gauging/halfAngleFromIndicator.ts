import { AnelloError } from '../basics/error';
import { finite, positive } from '../basics/check';
import { length } from '../figure/figure';

/** Which handle moved: the compound's slide along itself, or the carriage along the axis. */
export type TravelAlong = 'slide' | 'axis';

/**
 * Half angle (rad) from the radial change an indicator saw over a travel (mm): asin for the slide, atan
 * for the carriage. Errors: impossible when the slide rises more than it travelled; out-of-range.
 *
 * @example
 * halfAngleFromIndicator({ travel: 75, radial: 1.882, travelAlong: 'axis' }).halfAngle
 * // → 0.0250881
 */
export function halfAngleFromIndicator({
  travel,
  radial,
  travelAlong,
}: {
  travel: number;
  radial: number;
  travelAlong: TravelAlong;
}): { halfAngle: number } {
  positive(travel, 'travel', 'The travel');
  finite(radial, 'radial');
  if (travelAlong === 'axis') return { halfAngle: Math.atan(radial / travel) };
  if (Math.abs(radial) > travel) {
    throw new AnelloError('impossible', 'radial', [
      'The slide moved ',
      length(travel),
      ' and cannot have gone ',
      length(radial),
      ' across.',
    ]);
  }
  return { halfAngle: Math.asin(radial / travel) };
}
