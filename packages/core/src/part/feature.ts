import type { Run } from '../curve/shapeCurve';
import type { HoleFit } from '../fit/isoHole';
import type { End } from '../taper/task';

export type FeatureKind = 'cylinder' | 'taper' | 'bore' | 'groove' | 'thread' | 'profile' | 'eccentric';
export type Side = 'external' | 'internal';

interface Base {
  readonly id: string;
  readonly name: string;
  readonly side: Side;
  /** For internal features: the face they are sunk from, one after the other in the order of the list. */
  readonly from?: End | undefined;
}

/** A figure that may not be given yet. */
type Maybe = number | undefined;

export interface Cylinder extends Base {
  readonly kind: 'cylinder';
  readonly diameter?: Maybe;
  readonly length?: Maybe;
}

export interface Taper extends Base {
  readonly kind: 'taper';
  readonly largeEnd: End;
  readonly largeDiameter?: Maybe;
  readonly smallDiameter?: Maybe;
  readonly length?: Maybe;
  readonly ratio?: Maybe;
  readonly halfAngle?: Maybe;
  /** Diameter at the gauge line, and how far the cone runs on past it toward its large end. */
  readonly gaugeDiameter?: Maybe;
  readonly beyondGauge?: Maybe;
}

export interface Bore extends Base {
  readonly kind: 'bore';
  readonly diameter?: Maybe;
  readonly length?: Maybe;
  /** Included point angle of the drill that leaves its cone at the bottom, rad; none for a flat bottom. */
  readonly pointAngle?: Maybe;
  readonly fit?: HoleFit | undefined;
}

export interface Groove extends Base {
  readonly kind: 'groove';
  /** Diameter at the groove's bottom. */
  readonly diameter?: Maybe;
  readonly length?: Maybe;
}

export interface Thread extends Base {
  readonly kind: 'thread';
  readonly designation: string;
  /** Nominal diameter. */
  readonly diameter?: Maybe;
  readonly pitch?: Maybe;
  readonly length?: Maybe;
}

/** A point of a profile, and how the curve runs to it from the one before: straight where it is not said. */
export interface ProfilePoint {
  readonly z?: Maybe;
  readonly diameter?: Maybe;
  readonly run?: Run | undefined;
  readonly radius?: Maybe;
  readonly bulge?: 'out' | 'in' | undefined;
  readonly viaZ?: Maybe;
  readonly viaDiameter?: Maybe;
}

export interface Profile extends Base {
  readonly kind: 'profile';
  /** From the headstock end of the feature. */
  readonly points: readonly ProfilePoint[];
}

export interface Eccentric extends Base {
  readonly kind: 'eccentric';
  readonly diameter?: Maybe;
  readonly length?: Maybe;
  /** Distance between the two axes. */
  readonly throw?: Maybe;
  /** The whole stroke, twice the throw: either may be given. */
  readonly travel?: Maybe;
  /** Grooves round it; one without a place is centred on the width. */
  readonly grooves?:
    readonly { readonly at?: Maybe; readonly width?: Maybe; readonly depth?: Maybe }[] | undefined;
  /** Angle of the high side from the drawing's zero, rad. */
  readonly phase?: Maybe;
}

/** One feature along the axis. The ordered list of these is the part. Lengths mm, angles rad. */
export type Feature = Cylinder | Taper | Bore | Groove | Thread | Profile | Eccentric;
