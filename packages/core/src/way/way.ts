import type { Figure } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import type { Lathe, StillSet } from '../lathe/lathe';
import type { TaperTolerance } from '../taper/tolerance';

export type WayId = 'compound' | 'attachment' | 'tailstock';
export type Member = 'external' | 'internal';
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
  readonly tolerance: TaperTolerance;
}

export interface WayContext {
  readonly task: TaperTask;
  readonly lathe: Lathe;
  readonly stillSet: readonly StillSet[];
}

/** One way weighed on this part and this lathe. */
export interface WayAssessment {
  readonly id: WayId;
  readonly title: string;
  /** Reasons it cannot work; none means it can. */
  readonly blockers: readonly Phrase[];
  /** The figure it is set to. */
  readonly setting: Figure;
  readonly settingLabel: string;
  readonly needLabel: string;
  readonly needed: Figure;
  readonly available: Figure | null;
  /** What one division of its scale is worth on diameter over the taper. */
  readonly divisionError: Figure | null;
  readonly feed: 'hand' | 'power' | null;
  /** Worth knowing before choosing. */
  readonly notes: readonly Phrase[];
}

/** A way of making a taper: a family, one file each. */
export interface Way {
  readonly id: WayId;
  readonly title: string;
  assess(context: WayContext): WayAssessment;
}

/** Room a tool needs before and after the cone, each end, mm. */
export const CLEARANCE = 2;
