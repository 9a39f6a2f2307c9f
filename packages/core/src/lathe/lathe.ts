import type { DialReads } from '../gauging/advanceFromInfeed';
import type { UnitSystem } from '../quantity/format';

/** The compound (top) slide. */
export interface Compound {
  readonly travel: number;
  /** One division of its degree scale, rad. */
  readonly division: number;
  /** Where the scale's zero lies: slide along the bed, or across it. */
  readonly zero: 'along' | 'across';
}

/** A taper attachment at the back of the bed. */
export interface Attachment {
  readonly kind: 'plain' | 'telescopic';
  readonly maxHalfAngle: number;
  /** Carriage travel the bar allows. */
  readonly barTravel: number;
  /** From the pivot to where the bar's end is indicated. */
  readonly pivotLength: number;
  /** Which end of the bar that is. */
  readonly indicatedEnd: 'headstock' | 'tailstock';
  /** One division of its scale, as half angle in rad. */
  readonly division: number;
  /** Lost motion across, mm. */
  readonly lash: number;
}

export interface Tailstock {
  /** Furthest it can be set over, either way. */
  readonly limit: number;
  /** One division of the set-over scale, mm. */
  readonly division: number;
}

/** The cross-slide's dial. */
export interface CrossDial {
  /** One division in mm, as the dial reads it. */
  readonly division: number;
  readonly reads: DialReads;
  readonly units: UnitSystem;
}

/** A lathe as the core needs it; lengths mm, angles rad. */
export interface Lathe {
  readonly name: string;
  readonly centreDistance: number;
  readonly compound: Compound | null;
  readonly attachment: Attachment | null;
  readonly tailstock: Tailstock | null;
  readonly dial: CrossDial;
  /** Resolution of the indicator used for setting, mm. */
  readonly indicator: number;
}

/** The parts of a lathe that are set for a taper and stay set. */
export type Device = 'attachment' | 'compound' | 'tailstock';

/** What a device is still set to: a half angle, and for the tailstock the length it was set for. */
export interface StillSet {
  readonly device: Device;
  readonly halfAngle: number;
  readonly workLength?: number | undefined;
}
