import type { Fit } from '../../fit/sizeLimits';
import type { End } from '../../taper/task';

export type Side = 'external' | 'internal';

/** What every feature has, whatever its kind. */
export interface Base {
  readonly id: string;
  readonly name: string;
  readonly side: Side;
  /** For internal features: the face they are sunk from, one after the other in the order of the list. */
  readonly from?: End | undefined;
  /** What its diameter may be: a fit, or so much over and under, mm; the general rule where neither is said. */
  readonly fit?: Fit | undefined;
  readonly plus?: number | undefined;
  readonly minus?: number | undefined;
  /** How smooth, Ra, µm. */
  readonly finish?: number | undefined;
}

/** A figure that may not be given yet. */
export type Maybe = number | undefined;
