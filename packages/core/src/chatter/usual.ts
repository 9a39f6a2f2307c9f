import { STEEL_MODULUS } from '../kit/usual';

/** What a bar is made of: Young's modulus, MPa, and g/cm³. */
export interface BarStuff {
  readonly title: string;
  readonly modulus: number;
  readonly density: number;
}

/** Round figures that makers agree on within some hundredths. */
export const BAR_STUFFS = {
  steel: { title: 'steel', modulus: STEEL_MODULUS, density: 7.85 },
  'heavy metal': { title: 'heavy metal', modulus: 340_000, density: 17.5 },
  carbide: { title: 'carbide', modulus: 600_000, density: 14.5 },
} as const satisfies Readonly<Record<string, BarStuff>>;
export type BarStuffName = keyof typeof BAR_STUFFS;

/** The plate of a spindle's speeds is true to about this, as a part of it. */
export const PLATE = 0.015;

/**
 * A bar's or a piece's own frequency in a real holder, as a part of what it is in a holder that gives way nowhere; and
 * chatter sounds a little above it. Wide on purpose: nobody knows how stiff a holder is.
 */
export const REAL_HOLDER = { from: 0.5, to: 1.12 } as const;

/** Turns a minute to begin with where no material says a speed. */
export const USUAL_TURNS = 300;
