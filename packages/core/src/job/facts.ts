import type { WayId } from '../taper/wayId';

/** What progress depends on, from the job's document. */
export interface JobFacts {
  readonly quantity: number;
  readonly machineId: string;
  /** Null while the part's figures are not complete, or it has no taper. */
  readonly halfAngle: number | null;
  readonly band: number;
  readonly partComplete: boolean;
  /** A part without a taper has no way to choose, nothing to set and no cone to cut. */
  readonly hasTaper: boolean;
  /** The eccentric being made, where that is what the part is. */
  readonly eccentric?:
    | { readonly id: string; readonly throw: number; readonly bored: boolean; readonly way: string | null }
    | null
    | undefined;
  /** How a curve or a set of grooves is made; null while it is not chosen, nothing for other parts. */
  readonly curveWay?: string | null | undefined;
  readonly way: { readonly id: WayId; readonly machineId: string; readonly halfAngle: number } | null;
}
