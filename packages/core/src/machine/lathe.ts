import type { DialReads } from './dialReads';
import type { UnitSystem } from '../figure/format';
import type { WayId } from '../taper/wayId';

/** The compound (top) slide. What its owner has not measured is left out. */
export interface Compound {
  readonly travel: number;
  /** One division of its degree scale, rad. */
  readonly division: number;
  /** Where the scale's zero lies: slide along the bed, or across it. */
  readonly zero: 'along' | 'across';
  /** One division of its own dial, mm of slide travel. */
  readonly dialDivision?: number | undefined;
  /** Slide travel for one turn of its handle, mm. */
  readonly screwLead?: number | undefined;
  /** Where it stands for ordinary feeding in, from the spindle axis, rad: 90° is square to the bed. */
  readonly feedAngle?: number | undefined;
  /** From the tool's point to the end of its handle, along the slide. */
  readonly handleReach?: number | undefined;
  /** From the tool's point out to the slide's own centre line, across it. */
  readonly handleOut?: number | undefined;
}

/** What an attachment's scale is graduated in; the tapers are on diameter. */
export type ScaleUnit = 'half-angle' | 'included' | 'per-foot' | 'mm-per-m';

export interface BarScale {
  readonly unit: ScaleUnit;
  /** One division: rad for the angles, a ratio for the tapers. */
  readonly division: number;
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
  readonly scale: BarScale;
  /** Turns of its setting knob for one degree of the bar, where it has a worm. */
  readonly turnsPerDegree?: number | undefined;
  /** Lost motion across, mm. */
  readonly lash: number;
}

export interface Tailstock {
  /** Furthest it can be set over, either way. */
  readonly limit: number;
  /** One division of the set-over scale, mm. */
  readonly division: number;
  /** How far the barrel stands out of the body with the centre in. */
  readonly barrelReach?: number | undefined;
  /** From the axis to the side of the body that faces the operator. */
  readonly bodyRadius?: number | undefined;
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
  /** Spindle speeds it has, rpm; none when not on record. */
  readonly speeds?: readonly number[] | undefined;
  readonly changeGears?: readonly number[] | undefined;
  /** Lead screw's pitch, mm. */
  readonly leadScrew?: number | undefined;
  readonly chucks?:
    | readonly { readonly name: string; readonly kind: string; readonly capacity?: number | undefined }[]
    | undefined;
  /** The hole through its spindle, on diameter. */
  readonly spindle?: { readonly bore?: number | undefined } | undefined;
  readonly swing?: number | undefined;
  readonly swingOverSlide?: number | undefined;
  /** Set-up minutes as this shop finds them, where they differ from the usual. */
  readonly minutes?: Readonly<Partial<Record<WayId, number | undefined>>> | undefined;
}

/** The parts of a lathe that are set for a taper and stay set, and what they are called. */
export const DEVICE_NAMES = { attachment: 'bar', compound: 'compound', tailstock: 'tailstock' } as const;
export type Device = keyof typeof DEVICE_NAMES;
export const DEVICES = Object.keys(DEVICE_NAMES) as readonly Device[];

/** What a device is still set to: a half angle, and for the tailstock the length it was set for. */
export interface StillSet {
  readonly device: Device;
  readonly halfAngle: number;
  readonly workLength?: number | undefined;
}
