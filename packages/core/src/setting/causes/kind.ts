import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Stretch } from '../../sweep/straightest';
import type { SweepAnalysis } from '../../sweep/sweep';
import type { TaperTask } from '../../taper/task';
import type { Nudge, Sweep } from '../setting';

/** A sweep of a device as it was read: what it shows, how the device stands by it, and what it is set for. */
export interface Swept {
  readonly analysis: SweepAnalysis;
  readonly sweep: Sweep;
  readonly task: TaperTask;
  /** Where the first reading was taken, and travel from there to the last, mm. */
  readonly from: number;
  readonly length: number;
  /** How far the needle strays from one straight line, and how much it buzzes on its way, mm. */
  readonly wander: { readonly off: number; readonly buzz: number };
  /** Where it goes straightest for as long as this part is; null where it was swept for less, or not closely enough. */
  readonly straightest: Stretch | null;
  /** The lead of the screw it was fed by, mm, where that is known. */
  readonly lead?: number | undefined;
  /** The half angle the device stands at by the slope, of the stretch that is to be used where there is one; rad. */
  readonly halfAngle: number;
  /** What brings it to the one it is set for; null where it is inside its band. */
  readonly nudge: Nudge | null;
}

/** Something that is wrong by a sweep. */
export interface CauseFound {
  readonly id: CauseId;
  readonly what: Phrase;
  /** What it costs on this part at its worst place, mm on diameter. */
  readonly costs: number;
  /** What to do about it. */
  readonly todo: Phrase;
  /** The one look that tells it from what is most easily taken for it. */
  readonly check: Phrase;
}

export const CAUSE_IDS = ['angle', 'bar', 'height', 'lash', 'bumped', 'screw', 'chip', 'loose'] as const;
export type CauseId = (typeof CAUSE_IDS)[number];

/** A cause: whether a sweep shows it. A new one is a file here and a line in the registry. */
export type Cause = (swept: Swept) => CauseFound | null;

/** Readings are of the radius; a part is measured across. */
export const ON_DIAMETER = 2;
/** Costs and sizes are told to a thousandth of a mm. */
export const FINE = 0.001;
/** A size as it is told: one that would be shown as nothing is less than the least that is. */
export const fine = (value: number): Phrase =>
  value < FINE / 2 ? ['less than ', length(FINE, FINE)] : [length(value, FINE)];
