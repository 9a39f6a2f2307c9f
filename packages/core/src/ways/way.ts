import type { Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Lathe, StillSet } from '../machine/lathe';
import type { Kit } from '../kit/kit';
import type { TaperTask } from '../taper/task';
import type { WayId } from '../taper/wayId';

export interface WayContext {
  readonly task: TaperTask;
  readonly lathe: Lathe;
  readonly stillSet: readonly StillSet[];
  /** What the shop owns besides the lathe; nothing when it has not said. */
  readonly kit?: Kit | undefined;
  readonly cutting?: CuttingFigures | undefined;
}

/** What the expected finish is worked from. */
export interface CuttingFigures {
  /** mm per turn under power. */
  readonly feed: number;
  readonly noseRadius: number;
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
  /** Diameter error over the taper from setting by the scale alone, and after an indicator check. */
  readonly errorByScale: Figure | null;
  readonly errorByIndicator: Figure | null;
  readonly feed: 'hand' | 'power' | null;
  /** What finish to expect. */
  readonly finish: Phrase;
  /** Usual set-up, or as this shop finds it. */
  readonly minutes: number;
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
