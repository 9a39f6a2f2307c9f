import { AnelloError } from '../basics/error';
import { notNegative, positive } from '../basics/check';

/**
 * Packing under one jaw of a self-centring three-jaw chuck for a throw, mm. Narrow jaws touch at a point on
 * their centre line: 1.5e - r + sqrt(r² - 0.75e²); wide flat pads: 1.5e. Errors: impossible when the throw
 * reaches the radius; out-of-range. Source: all jaws stand at one radius, the packed one at that less packing.
 *
 * @example
 * threeJawPacking({ diameter: 40, throw: 4, jaws: 'narrow' }).packing
 * // → 5.69772
 */
export function threeJawPacking({
  diameter,
  throw: e,
  jaws,
}: {
  diameter: number;
  throw: number;
  jaws: 'narrow' | 'wide';
}): { packing: number } {
  const r = positive(diameter, 'diameter', 'The diameter') / 2;
  notNegative(e, 'throw', 'The throw');
  if (e >= r)
    throw new AnelloError('impossible', 'throw', 'A throw as large as the radius leaves nothing to hold.');
  return { packing: jaws === 'wide' ? 1.5 * e : 1.5 * e - r + Math.sqrt(r * r - 0.75 * e * e) };
}
