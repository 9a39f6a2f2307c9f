import type { Figure } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Device, Lathe, StillSet } from '../../machine/lathe';
import type { Kit } from '../../kit/kit';
import type { TaperTask } from '../../taper/task';
import type { WayId } from '../../taper/wayId';
import type { Assessment } from '../assessment';
import type { InTheOrder } from './inTheOrder';
import type { SchoolId } from './schoolId';

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
export interface WayAssessment extends Assessment<WayId> {
  readonly needLabel: string;
  readonly needed: Figure;
  readonly available: Figure | null;
  /** What one division of its scale is worth on diameter over the taper. */
  readonly divisionError: Figure | null;
  /** Diameter error over the taper from setting by the scale alone, and after the way's own check. */
  readonly errorByScale: Figure | null;
  readonly errorByIndicator: Figure | null;
  readonly feed: 'hand' | 'power' | null;
  /** What finish to expect. */
  readonly finish: Phrase;
  /** Usual set-up, or as this shop finds it. */
  readonly minutes: number;
}

/** One reason that can decide for a way: of those that apply, the one of the lowest rank does. */
export interface Reason {
  readonly rank: number;
  applies(context: WayContext, can: ReadonlySet<WayId>): boolean;
  say(context: WayContext): Phrase;
}

/**
 * A way of making a taper, with all there is to know of it: a family, one file each. Whoever needs to know
 * something of a way asks the way, never its id.
 */
export interface Way {
  readonly id: WayId;
  readonly title: string;
  /** As a kept row names it. */
  readonly name: string;
  /** The part of the lathe it sets, and leaves set; null when it sets none. */
  readonly device: Device | null;
  /** How its angle is brought in, where that is not by the device's own nudge: an edge tapped round, nothing at all. */
  readonly adjusts: Device | 'edge' | 'nothing';
  /** The schools it can be set by, the usual one first. */
  readonly schools: readonly [SchoolId, ...SchoolId[]];
  /** What carries the tool along the cone: a hand on the compound, the carriage, a plunge, or a reamer. */
  readonly feeds: 'compound' | 'carriage' | 'plunge' | 'reamer';
  /** The work is held between centres, so the tailstock supports it and the set-over goes with its length. */
  readonly betweenCentres: boolean;
  /** What its own check is called beside the error it leaves. */
  readonly checkedBy: string;
  /** Usual set-up, from nothing set to the first cut; every shop changes it to its own. */
  readonly usualMinutes: number;
  readonly order: InTheOrder;
  readonly reasons: readonly Reason[];
  /** Why its travel does not make this cone, whatever else is right; null when it does. */
  short?(context: Pick<WayContext, 'task' | 'lathe'>): Phrase | null;
  assess(context: WayContext): Omit<WayAssessment, 'id' | 'title'>;
}

/** Room a tool needs before and after the cone, each end, mm. */
export const CLEARANCE = 2;
