import { AnelloError } from '../basics/error';
import { HOLE_FITS, holeLimits, type HoleFit } from './isoHole';
import { SHAFT_FITS, shaftLimits } from './isoShaft';

export const FITS = [...HOLE_FITS, ...SHAFT_FITS] as const;
export type Fit = (typeof FITS)[number];

/** What a drawing says a size may be: a fit, or so much over and under; what it does not say is left to the general rule. */
export interface SizeGiven {
  readonly fit?: Fit | undefined;
  /** mm over the size, and mm under it; the one that is not given is none. */
  readonly plus?: number | undefined;
  readonly minus?: number | undefined;
}

export interface SizeLimits {
  readonly least: number;
  readonly most: number;
  /** What says so. */
  readonly by: 'fit' | 'drawing' | 'general';
}

/** Upper ends of the size steps and what may be off either way, mm. Source: ISO 2768-1, class m. */
const GENERAL: readonly (readonly [upTo: number, off: number])[] = [
  [6, 0.1],
  [30, 0.2],
  [120, 0.3],
  [400, 0.5],
  [1000, 0.8],
  [2000, 1.2],
  [Infinity, 2],
];

const isHole = (fit: Fit): fit is HoleFit => (HOLE_FITS as readonly string[]).includes(fit);

/**
 * Least and largest a size may be, mm. Errors: impossible, at fit, where a hole is given a shaft's fit or the other way round;
 * impossible, at plus, where nothing lies between the two; out-of-range beyond the table of fits.
 *
 * @example
 * sizeLimits({ size: 30, side: 'external', given: { plus: 0, minus: 0.02 } })
 * // → { least: 29.98, most: 30, by: 'drawing' }
 */
export function sizeLimits({
  size,
  side,
  given,
}: {
  readonly size: number;
  readonly side: 'external' | 'internal';
  readonly given: SizeGiven;
}): SizeLimits {
  const { fit, plus, minus } = given;
  if (fit !== undefined) return { ...ofFit(size, side, fit), by: 'fit' };
  if (plus === undefined && minus === undefined) {
    const off = GENERAL.find(([upTo]) => size <= upTo)?.[1] ?? 0;
    return { least: size - off, most: size + off, by: 'general' };
  }
  const [least, most] = [size - (minus ?? 0), size + (plus ?? 0)];
  if (!(most > least))
    throw new AnelloError(
      'impossible',
      'plus',
      'Between its least and its largest there must be something left.',
    );
  return { least, most, by: 'drawing' };
}

function ofFit(diameter: number, side: 'external' | 'internal', fit: Fit): { least: number; most: number } {
  if (isHole(fit) !== (side === 'internal'))
    throw new AnelloError(
      'impossible',
      'fit',
      `${fit} is a ${isHole(fit) ? 'hole' : 'shaft'}’s fit: capitals are holes, small letters shafts.`,
    );
  return isHole(fit) ? holeLimits({ diameter, fit }) : shaftLimits({ diameter, fit });
}
