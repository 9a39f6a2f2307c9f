import type { TaperTolerance } from './tolerance';

/** Outside or inside. */
export type Member = 'external' | 'internal';
/** Which way along the lathe. */
export type End = 'headstock' | 'tailstock';

/** The taper to be made, as the ways need to know it. */
export interface TaperTask {
  readonly member: Member;
  readonly largeDiameter: number;
  readonly smallDiameter: number;
  readonly length: number;
  readonly halfAngle: number;
  readonly largeEnd: End;
  /** Length of the whole part, between centre contacts when it is held so. */
  readonly workLength: number;
  /** Largest diameter of the whole part; the cone's own where it is not said. */
  readonly workDiameter?: number | undefined;
  readonly tolerance: TaperTolerance;
}
