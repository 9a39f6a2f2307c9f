import type { Feature } from '../../../part/kinds/registry';
import type { TaperTask } from '../../../taper/task';
import type { WayId } from '../../../taper/wayId';
import { NOTHING_IN_THE_WAY, type InTheOrder } from '../../../ways/taper/inTheOrder';
import { wayOf } from '../../../ways/taper/registry';
import type { Operation } from '../operation';

export interface PlanRequest {
  readonly features: readonly Feature[];
  readonly task: TaperTask | null;
  readonly way: WayId | null;
  /** Kept on for the try, grinding or polish, on diameter, mm. */
  readonly allowance: number;
}

export interface Facts extends PlanRequest {
  readonly has: (test: (feature: Feature) => boolean) => boolean;
  readonly cone: 'shank' | 'bore' | null;
}

/** An operation as it is for this part and this way, or null where there is nothing to do. */
export type Maker = (facts: Facts) => Operation | null;

/** Between centres both ends are finished before anything else, and nothing is left to part off. */
export const betweenCentres = ({ way }: PlanRequest): boolean => way !== null && wayOf(way).betweenCentres;

/** What the way chosen means for the order; without one, what any means. */
export const orderFor = (way: WayId | null): InTheOrder => (way ? wayOf(way).order : NOTHING_IN_THE_WAY);

export const plainHole = (f: Feature): boolean => f.kind === 'bore';
export const insideThread = (f: Feature): boolean => f.kind === 'thread' && f.side === 'internal';
export const groove = (f: Feature): boolean => f.kind === 'groove';
