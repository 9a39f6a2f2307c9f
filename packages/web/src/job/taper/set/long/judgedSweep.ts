import type { DefaultUnit } from '@anello/core/quantity';
import {
  judgeLongSweep,
  slopeWanted,
  type LongVerdict,
  type SettingContext,
  type SettingStep,
} from '@anello/core/setting';
import { fittedSweep, termsTaken, type TermTaken } from '@anello/core/sweep';
import type { WayId } from '@anello/core/taper';
import { followsFrom } from './follows';
import { readSweep, type ReadSweep } from '../../../../files/read/readSweep';

/** A text with a sweep in it, and what it is a sweep of. */
export interface LongQuestion {
  readonly text: string;
  readonly defaultUnit: DefaultUnit;
  readonly way: WayId;
  readonly context: SettingContext;
  readonly sweep: NonNullable<SettingStep['sweep']>;
  readonly lead: number | null;
  /** A stretch of the travel that is left out, mm. */
  readonly without: { readonly from: number; readonly to: number } | null;
}

/** A place on the travel and what was read there, mm. */
export interface Read {
  readonly at: number;
  readonly seen: number;
}

/** A sweep that was read and judged. */
export interface LongFound {
  readonly verdict: LongVerdict;
  /** Readings that count, thinned to be drawn and kept; those left out; and how many count in all. */
  readonly shown: readonly Read[];
  readonly leftOut: readonly Read[];
  readonly count: number;
  /** What the analysis takes the needle to have done. */
  readonly fitted: readonly Read[];
  /** What each of its terms takes, at the places of the fit. */
  readonly terms: readonly TermTaken[];
  readonly wanted: number;
  /** Where on the travel the needle begins to follow, where it does not at once. */
  readonly follows: number | null;
  readonly unread: ReadSweep['unread'];
  readonly unreadInAll: number;
}

/** Drawn, and kept with the record. */
const SHOWN = 800;
const FITTED = 160;

/** Evenly so many of them, the least and the most of each stretch: what jumps out is still to be seen. */
export function thinnedTo(all: readonly Read[], most: number): readonly Read[] {
  if (all.length <= most) return all;
  const stretches = most / 2;
  return Array.from({ length: stretches }, (_, i) => {
    const part = all.slice(
      Math.floor((i * all.length) / stretches),
      Math.floor(((i + 1) * all.length) / stretches),
    );
    const low = part.reduce((a, b) => (b.seen < a.seen ? b : a));
    const high = part.reduce((a, b) => (b.seen > a.seen ? b : a));
    return low.at <= high.at ? [low, high] : [high, low];
  }).flat();
}

/** Reading a text is so much of the work; the rest is looking at what was read. */
const READING = 0.7;

/** Reads a text and judges what it says; how far it is may be told meanwhile, 0 to 1. Errors: as judgeLongSweep. */
export function judgedSweep(
  { text, defaultUnit, way, context, sweep, lead, without }: LongQuestion,
  onPart: (part: number) => void = () => undefined,
): LongFound {
  const { travel, reading, unread, left } = readSweep(text, defaultUnit, (part) => onPart(READING * part));
  onPart(READING);
  const all = travel.map((at, i): Read => ({ at, seen: reading[i] as number })).sort((a, b) => a.at - b.at);
  const out = (one: Read): boolean => without !== null && one.at >= without.from && one.at <= without.to;
  const counted = all.filter((one) => !out(one));
  const given = { travel: counted.map(({ at }) => at), reading: counted.map(({ seen }) => seen) };
  const verdict = judgeLongSweep(way, context, sweep, { ...given, ...(lead === null ? {} : { lead }) });
  const [from, to] = [counted[0]?.at ?? 0, counted.at(-1)?.at ?? 0];
  const places = Array.from({ length: FITTED + 1 }, (_, i) => from + ((to - from) * i) / FITTED);
  const wanted = slopeWanted(sweep, context);
  const asked = { ...given, expectedSlope: wanted };
  const fitted = fittedSweep(asked, verdict.analysis, places);
  return {
    verdict,
    shown: thinnedTo(counted, SHOWN),
    leftOut: thinnedTo(all.filter(out), SHOWN),
    count: counted.length,
    fitted: places.map((at, i) => ({ at, seen: fitted[i] as number })),
    terms: termsTaken(asked, verdict.analysis, places),
    wanted,
    follows: verdict.analysis.flat ? followsFrom(places, fitted) : null,
    unread,
    unreadInAll: left,
  };
}
