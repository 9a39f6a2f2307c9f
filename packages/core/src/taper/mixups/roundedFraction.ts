import { length } from '../../figure/figure';
import type { MixUp, Suspicion, TypedKey } from './mixUp';

const INCH = 25.4;
const SIXTY_FOURTHS = 64;
/** Rounded to three places, a fraction is out by half a thousandth of an inch at most. */
const THIRD_PLACE = 0.0005;
const DUST = 1e-9;

/** The sixty-fourth that a length (mm) is a three-place rounding of, in inches, or null. */
export function fractionBehind(
  mm: number,
): { numerator: number; denominator: number; inches: number } | null {
  const inches = mm / INCH;
  const places = inches * 1000;
  if (Math.abs(places - Math.round(places)) > 1e-6) return null;
  const count = Math.round(inches * SIXTY_FOURTHS);
  const exact = count / SIXTY_FOURTHS;
  const off = Math.abs(exact - inches);
  if (count === 0 || off < DUST || off > THIRD_PLACE + DUST) return null;
  const common = greatestCommon(count, SIXTY_FOURTHS);
  return { numerator: count / common, denominator: SIXTY_FOURTHS / common, inches: exact };
}

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

/** A fraction as it is typed: 7/64 in, 1-5/16 in. */
export function fractionText(f: { numerator: number; denominator: number }): string {
  const whole = Math.floor(f.numerator / f.denominator);
  const rest = f.numerator % f.denominator;
  if (rest === 0) return `${whole} in`;
  return `${whole > 0 ? `${whole}-` : ''}${rest}/${f.denominator} in`;
}

const LENGTHS: readonly TypedKey[] = ['gaugeDiameter', 'largeDiameter', 'smallDiameter'];

/** 7/64 turned into 0.109: small here, and it doubles in anything that is travelled both ways. */
export const roundedFraction: Suspicion = (typed) => {
  for (const field of LENGTHS) {
    const found = roundedAt(field, typed[field]);
    if (found) return found;
  }
  return null;
};

function roundedAt(field: TypedKey, mm: number | undefined): MixUp | null {
  const fraction = mm === undefined ? null : fractionBehind(mm);
  if (mm === undefined || !fraction) return null;
  return {
    id: 'rounded-fraction',
    field,
    said: [
      length(mm, 0.0254, { system: 'inch' }),
      ` looks like ${fractionText(fraction)} rounded off; drawn as the fraction it is `,
      length(fraction.inches * INCH, 0.000025, { system: 'inch' }),
      '.',
    ],
    cost: length(Math.abs(fraction.inches * INCH - mm), 0.0001),
    offer: fractionText(fraction),
  };
}
