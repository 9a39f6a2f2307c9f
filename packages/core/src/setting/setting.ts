import type { Device, Lathe } from '../lathe/lathe';
import type { Figure } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import type { Working } from '../phrase/working';
import type { TravelAlong } from '../way/halfAngleFromIndicator';
import type { TaperTask, WayId } from '../way/way';

/** A place along the measured travel, what the indicator should read there, and what is good enough. */
export interface Station {
  readonly at: number;
  readonly expected: number;
  readonly low: number;
  readonly high: number;
}

/** A run past the indicator. */
export interface Sweep {
  /** What is moved, or what the indicator stands on. */
  readonly label: string;
  readonly travelAlong: TravelAlong;
  readonly stations: readonly Station[];
  /** Whether the stations are places along the part, and so drawn on the strip. */
  readonly onPart: boolean;
}

export interface LabelledFigure {
  readonly label: string;
  readonly figure: Figure;
  readonly after?: string;
  readonly also?: Phrase;
}

/** One card of the setting: a verb and a place, the figures, and what is good enough. */
export interface SettingStep {
  readonly id: string;
  /** A word or two, for the quiet line of what follows. */
  readonly short: string;
  readonly title: Phrase;
  readonly detail: Phrase;
  readonly figures: readonly LabelledFigure[];
  readonly sweep?: Sweep;
  readonly bandNote?: Phrase;
  readonly caution?: string;
  readonly working: readonly Working[];
}

/** The correction that brings a setting from one half angle to another, in the way's own unit. */
export interface Nudge {
  readonly amount: Figure;
  /** Where it is read: "at the bar end". */
  readonly place: string;
  /** Which way, in words. */
  readonly direction: string;
  readonly because: Phrase;
  readonly working: readonly Working[];
}

export interface SettingContext {
  readonly task: TaperTask;
  readonly lathe: Lathe;
}

/** How one way is set and corrected: a family, one file each under plans/. */
export interface SettingSchool {
  readonly way: WayId;
  readonly device: Device;
  steps(context: SettingContext): readonly SettingStep[];
  nudge(context: SettingContext, from: number, checkTravel: number): Omit<Nudge, 'because'>;
}
