import { length } from '../../figure/figure';
import { ratioOf } from '../solve';
import type { Suspicion, TypedKey } from './mixUp';
import { nearly, ROUGHLY, STANDARD_SIZES } from './standards';

const PLACES: readonly TypedKey[] = ['gaugeDiameter', 'largeDiameter'];
/** A radius or a doubled diameter is meant when it agrees this nearly, as a part of it. */
const AGREES = 0.001;

/** A radius typed for the diameter of a size whose taper was typed too. */
export const radiusAsDiameter: Suspicion = (typed) => {
  const given = typed.ratio ?? (typed.halfAngle === undefined ? undefined : ratioOf(typed.halfAngle));
  if (given === undefined) return null;
  const like = STANDARD_SIZES.filter((s) => s.gaugeDiameter !== null && nearly(given, s.ratio, ROUGHLY));
  const sizes = like.filter((s) => nearly(given, s.ratio, AGREES));
  for (const field of PLACES) {
    const value = typed[field];
    if (value === undefined || like.some((s) => nearly(value, s.gaugeDiameter ?? 0, AGREES))) continue;
    const size = sizes.find((s) => nearly(value * 2, s.gaugeDiameter ?? 0, AGREES));
    if (size && size.gaugeDiameter !== null)
      return {
        id: 'radius-as-diameter',
        field,
        said: [
          length(value, 0.001),
          ` is the radius of ${size.name} at its gauge line; its diameter is `,
          length(size.gaugeDiameter, 0.001),
          '.',
        ],
        cost: length(size.gaugeDiameter - value, 0.001),
        offer: `${Number(size.gaugeDiameter.toPrecision(8))} mm`,
      };
  }
  return null;
};
