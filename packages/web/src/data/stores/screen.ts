import type { CurvePoint } from '@anello/core/curve';
import type { Figure, Phrase } from '@anello/core/figure';
import type { Contact } from '@anello/core/gauging';
import type { DefaultUnit, Dimension, ParsedQuantity } from '@anello/core/quantity';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';

/** What the reading bar at the bottom is asking for. */
export type BarRequest = BarQuestion | BarOffer;

interface BarLine {
  /** Tells one request from another, so that half-typed text stays with its own. */
  readonly key: string;
  readonly label: string;
  readonly hint: string;
}

/** A figure to be typed. */
export interface BarQuestion extends BarLine {
  readonly asks: 'figure';
  readonly dimension: Dimension;
  readonly defaultUnit: DefaultUnit;
  /** What is good enough, where that is known: the needle of an instrument is shown against it. */
  readonly band?: { readonly low: number; readonly high: number };
  /** What the figure being typed means, as it is typed. One that cannot be is thrown as what is wrong with it. */
  judge?(value: number): { readonly phrase: Phrase; readonly tone: Tone } | null;
  keep(parsed: ParsedQuantity, text: string): Promise<void> | void;
  /** What Enter does with nothing typed. */
  readonly empty?: BarAction;
}

/** Nothing to type, only something to do, or not even that. */
export interface BarOffer extends BarLine {
  readonly asks: 'nothing';
  readonly empty?: BarAction;
}

export interface BarAction {
  readonly label: string;
  /** Which of several alike this is: the next may be done while this one is still being kept. */
  readonly turn?: number;
  run(): Promise<void> | void;
}

export type Tone = 'plain' | 'good' | 'warn' | 'bad';

/** The one figure shown across the shop. */
export interface Across {
  readonly step: Phrase;
  readonly label: string;
  readonly figure: Figure;
  readonly after?: string | undefined;
  readonly band?: Phrase | undefined;
}

/** What the current stage draws on the strip. */
export interface StripMarks {
  /** Places along the axis, mm from the part's headstock face, with the travel written there. */
  readonly stations?: readonly {
    readonly z: number;
    readonly travel: number;
    readonly state: 'read' | 'next' | 'ahead';
  }[];
  /** Diameter at the place the tool touches first, while stock is still on. */
  readonly stockOver?: number;
  /** Corners of the shoulders or steps, from the end the tool comes in at. */
  readonly stairs?: readonly { readonly diameter: number; readonly along: number }[];
  readonly contact?: Contact;
  /** How far the mate stands off its gauge line. */
  readonly standOff?: number;
}

/** Points of a feature that may be moved on the strip: along from its own headstock end, and out from the axis; mm. */
export interface StripHandles {
  readonly feature: string;
  readonly points: readonly CurvePoint[];
  /** The number of the first of them in the whole curve, from 0. */
  readonly first: number;
  move(index: number, to: CurvePoint, pull: number): void;
}

/** Something that was done and can be taken back. */
export interface Slip {
  readonly text: string;
  run(): void;
  /** The job it was done to; of what is no job’s, none. */
  readonly job?: string | undefined;
}

/** What the stage on the screen has asked the frame round it to show. */
export const useScreen = defineStore('screen', () => {
  /** The stage that is in charge of what follows. */
  const owner = shallowRef<symbol | null>(null);
  const bar = shallowRef<BarRequest | null>(null);
  const across = shallowRef<Across | null>(null);
  const marks = shallowRef<StripMarks>({});
  const handles = shallowRef<StripHandles | null>(null);
  const acrossOpen = ref(false);
  const keysOpen = ref(false);
  const quickOpen = ref(false);
  /** A figure on its way into the reading bar, as text that reads the same in any units. */
  const handed = shallowRef<{ readonly text: string } | null>(null);
  const selectedFeature = ref<string | null>(null);
  /** Counts up to ask the reading bar for the keyboard. */
  const focusBar = ref(0);
  /** Last slip that can be taken back, said quietly. */
  const undoable = shallowRef<Slip | null>(null);
  /** Says what was done, and offers to take it back; of a job, while that is the job on the screen. */
  function offerBack(text: string, back: () => unknown, job?: string): void {
    undoable.value = { text, run: () => void back(), job };
  }
  /** Another job is on the screen: what was done to the one before is not taken back from there. */
  function leftFor(job: string): void {
    if (undoable.value?.job !== undefined && undoable.value.job !== job) undoable.value = null;
  }
  return {
    offerBack,
    leftFor,
    owner,
    bar,
    across,
    marks,
    handles,
    acrossOpen,
    keysOpen,
    quickOpen,
    handed,
    selectedFeature,
    focusBar,
    undoable,
  };
});
