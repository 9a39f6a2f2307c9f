import { MM_PER_INCH, type UnitSystem } from '@anello/core/figure';

/** Finer than any instrument on the wire shows: what is taken is not coarser than what was shown. */
const PLACES = 4;
const PLACES_IN_INCHES = 5;

/** A figure as a hand would type it, so that it reads the same in any units. */
export function figureText(value: number, angle: boolean, units: UnitSystem): string {
  if (angle) return `${trimmed(value, PLACES)}°`;
  return units === 'mm'
    ? `${trimmed(value, PLACES)} mm`
    : `${trimmed(value / MM_PER_INCH, PLACES_IN_INCHES)} in`;
}

/** A thousandth at the least: what was read as 1.9 to a thousandth is 1.900. */
function trimmed(value: number, places: number): string {
  const text = value.toFixed(places);
  const plain = text.endsWith('0') ? text.slice(0, -1) : text;
  return Number(plain) === 0 ? plain.replace('-', '') : plain;
}
