import { below } from '../../infeed/normal';

/**
 * What a marker shows and a hand feels, as thresholds with their spread: gaps on diameter, mm. A gap under the film of
 * blue marks as if it touched; a gap under what a hand feels is "no shake". The spread is a factor, since a thick film
 * and a heavy hand differ by factors. Figures are those of a thin film (a few µm) and a bench try without an indicator.
 */
const FILM = { gap: 0.0065, spread: 0.55 } as const;
const HAND = { gap: 0.022, spread: 0.7 } as const;
/** A self-holding taper lets go once this much of gap has taken its contact away. */
const HOLD = { gap: 0.02, spread: 0.8 } as const;

const overcomes = (gap: number, { gap: middle, spread }: { gap: number; spread: number }): number =>
  gap <= 0 ? 0 : below(Math.log(gap / middle) / spread);

/** Chance that a gap leaves the metal bare of blue. */
export const seen = (gap: number): number => overcomes(gap, FILM);
/** Chance that a gap is felt as shake. */
export const felt = (gap: number): number => overcomes(gap, HAND);
const HOLDS_AT_BEST = 0.92;
const HOLDS_ANYWAY = 0.1;
/** Chance that it sticks when pushed home by hand. */
export const holds = (gap: number): number =>
  HOLDS_ANYWAY + (HOLDS_AT_BEST - HOLDS_ANYWAY) * (1 - overcomes(gap, HOLD));

/** Sizes a fault comes in, gaps on diameter, mm: as often a few µm as a few hundredths. */
export const GAPS: readonly { readonly gap: number; readonly weight: number }[] = [
  { gap: 0.007, weight: 0.08 },
  { gap: 0.014, weight: 0.24 },
  { gap: 0.027, weight: 0.34 },
  { gap: 0.055, weight: 0.34 },
];
