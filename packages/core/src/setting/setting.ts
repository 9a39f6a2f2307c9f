import type { Kit } from '../kit/kit';
import type { Lathe } from '../machine/lathe';
import type { Figure } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Working } from '../figure/working';
import type { TravelAlong } from '../gauging/halfAngleFromIndicator';
import type { End, TaperTask } from '../taper/task';
import type { StepDrawing } from './drawing';
import type { SchoolId } from '../ways/taper/schoolId';
import type { Way } from '../ways/taper/way';

/** A place along the measured travel, what the indicator should read there, and what is good enough. */
export interface Station {
  readonly at: number;
  readonly expected: number;
  readonly low: number;
  readonly high: number;
}

/**
 * What the readings of a sweep are: a climb from zero; the difference of two diameters; what is left of a climb
 * after a master's own has been taken out, so that still is right; or runout, which is no slope at all.
 */
export type SweepReads = 'climb' | 'diameter' | 'still' | 'runout';

/** A run past the indicator. */
export interface Sweep {
  /** What is moved, or what the indicator stands on. */
  readonly label: string;
  readonly travelAlong: TravelAlong;
  readonly stations: readonly Station[];
  /** Whether the stations are places along the part, and so drawn on the strip. */
  readonly onPart: boolean;
  readonly reads: SweepReads;
  /** Resolution of what it is read with, mm. */
  readonly resolution: number;
  /** The travel could have been measured along either: the user says which. */
  readonly eitherHandle?: boolean;
}

export interface LabelledFigure {
  readonly label: string;
  readonly figure: Figure;
  readonly after?: string;
  readonly also?: Phrase;
}

/** A small table beside a card: taps and what they are worth, blocks of a stack. */
export interface StepTable {
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly Phrase[])[];
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
  readonly table?: StepTable;
  readonly drawing?: StepDrawing;
  /** Things of the kit it rests on, by their names. */
  readonly uses?: readonly string[];
  /** Its readings, or its doing, prove the setting: kept from here. */
  readonly proves?: boolean;
  /** Belongs to after the work, and holds nothing up. */
  readonly later?: boolean;
}

/** The correction that brings a setting from one half angle to another, in the way's own unit. */
/** What a nudge moves, for drawing it on the lathe seen from above. */
export type NudgeMove =
  | { readonly device: 'compound'; readonly largeEnd: End; readonly steeper: boolean }
  | { readonly device: 'attachment'; readonly end: End; readonly toward: 'operator' | 'back' }
  | { readonly device: 'tailstock'; readonly toward: 'operator' | 'back' };

export interface Nudge {
  /** Which way on the machine; none for what is not moved on it. */
  readonly move?: NudgeMove;
  readonly amount: Figure;
  /** Where it is read: "at the bar end". */
  readonly place: string;
  /** Which way, in words. */
  readonly direction: string;
  /** The same nudge on another handle of the device: turns of a knob. */
  readonly also?: Phrase;
  readonly because: Phrase;
  readonly working: readonly Working[];
}

export interface SettingContext {
  readonly task: TaperTask;
  readonly lathe: Lathe;
  readonly kit?: Kit | undefined;
  /** Gauge blocks that are standing in another stack, mm. */
  readonly blocksInUse?: readonly number[] | undefined;
  /** What the compound's travel is measured along: its own slide, or the bed. */
  readonly measuredAlong?: TravelAlong | undefined;
  /** Leave the wear blocks off the ends of a stack. */
  readonly withoutWear?: boolean | undefined;
}

/** What a way moves and how it is corrected: a family, one file each under devices/. */
export interface SettingDevice {
  nudge(context: SettingContext, from: number, checkTravel: number): Omit<Nudge, 'because'>;
  /** Rough setting by the device's own scale, first of every school. */
  byScale(context: SettingContext): readonly SettingStep[];
  /** What remains before cutting, once the angle is proved. */
  after(context: SettingContext): readonly SettingStep[];
}

/** A school of setting: how the angle is brought in and proved. A family, one file each under schools/. */
export interface SettingSchool {
  readonly id: SchoolId;
  readonly title: string;
  /** In a few words, for choosing between them. */
  readonly what: string;
  /** How a setting proved this way is recorded. */
  readonly provedBy: string;
  /** Why it cannot be used here, or null. */
  blocked(way: Way, context: SettingContext): Phrase | null;
  steps(way: Way, context: SettingContext): readonly SettingStep[];
}
