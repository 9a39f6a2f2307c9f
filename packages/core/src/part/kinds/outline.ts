/** A point of an outline: along the feature from its headstock end, and the radius there. */
export interface OutlinePoint {
  readonly z: number;
  readonly r: number;
}

/** The drawn shape of one feature, before it is placed on the axis. */
export interface Outline {
  readonly length: number;
  readonly points: readonly OutlinePoint[];
  /** Distance of the feature's own axis from the spindle's, seen in the section. */
  readonly offset: number;
}
