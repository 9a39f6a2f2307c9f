import type { Contact } from '../gauging/contact';

/** The two ends of the cone being made. */
export type ConeEnd = 'large' | 'small';

/** Two bands with bare metal between are told from both ends. */
export type Marked = Contact;

export type Shaken = ConeEnd | 'both' | 'none';

/** A taper measured, whichever way: its ratio on diameter with plus or minus (k = 2). */
export interface MeasuredRatio {
  readonly ratio: number;
  readonly uncertainty: number;
}

/** One thing seen, felt or measured on the part in its mate. */
export type Evidence =
  /** Looseness felt by hand. */
  | { readonly kind: 'shake'; readonly where: Shaken }
  /** Blue or marker. */
  | { readonly kind: 'bands'; readonly where: Marked }
  /** Total swing clocked at a distance from where it touches, mm. */
  | { readonly kind: 'rock'; readonly touches: ConeEnd; readonly swing: number; readonly distance: number }
  /** Pushed home by hand, it stays and wants a knock. */
  | { readonly kind: 'sticks'; readonly holds: boolean }
  /** Measured by micrometer, over rollers, between balls or by a sweep. */
  | ({ readonly kind: 'measured' } & MeasuredRatio)
  /** How much warmer the part was than its gauge, °C. */
  | { readonly kind: 'warmer'; readonly by: number }
  /** From the gauge line, mm; less than nothing is past it. */
  | { readonly kind: 'stand-off'; readonly seen: number };
export type EvidenceKind = Evidence['kind'];
