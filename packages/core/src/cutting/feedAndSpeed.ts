import { positive } from '../basics/check';
import { count } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Material, ToolMaterial } from '../kit/material';
import { spindleSpeed } from './spindleSpeed';

/** What makes a cut harder on the tool than plain turning. */
export interface Duty {
  readonly finishing: boolean;
  /** The whole edge cuts at once. */
  readonly form?: boolean;
  readonly interrupted?: boolean;
  /** Stick-out of a boring bar, or overhang of the work, in diameters; none for plain turning. */
  readonly boring?: number | undefined;
  readonly overhang?: number | undefined;
}

export interface FeedAndSpeed {
  /** m/min after everything that slows it. */
  readonly surfaceSpeed: number;
  readonly rpm: number;
  /** The lathe's own speed to set, where its speeds are on record: the next one down. */
  readonly set: number | null;
  /** Even its slowest is faster than this cut asks for. */
  readonly tooFast: boolean;
  /** mm a turn. */
  readonly feed: number;
  /** What slowed it, in words. */
  readonly because: readonly Phrase[];
}

interface Slower {
  readonly speed: number;
  readonly feed: number;
  readonly said: Phrase;
}

/**
 * How far outside work stands out, in diameters of what is cut: the whole part, since what grips it is not on the drawing.
 *
 * @example
 * overhangOf({ length: 120, diameter: 24 })
 * // → 5
 */
export const overhangOf = (part: { readonly length: number; readonly diameter: number }): number =>
  positive(part.length, 'length', 'The part') / positive(part.diameter, 'diameter', 'The diameter');

/** An overhang the work bears without taking it easy, in diameters. */
const SHORT = 3;
const LONG = 5;

/** Workshop rules for what asks for less than plain turning; speeds and feeds are multiplied. */
function slower({ form, interrupted, boring, overhang }: Duty): Slower[] {
  return [
    ...(form ? [{ speed: 0.4, feed: 0.35, said: ['a form tool cuts along its whole edge'] as const }] : []),
    ...(interrupted
      ? [{ speed: 0.6, feed: 0.7, said: ['an interrupted cut hammers the edge'] as const }]
      : []),
    ...(boring === undefined ? [] : boringSlower(boring)),
    ...(overhang !== undefined && overhang > SHORT
      ? [
          {
            speed: overhang > LONG ? 0.5 : 0.75,
            feed: 0.8,
            said: ['it stands out ', count(overhang, 0.1), ' diameters'] as const,
          },
        ]
      : []),
  ];
}

function boringSlower(ratio: number): Slower[] {
  const speed = ratio > LONG ? 0.45 : ratio > SHORT ? 0.6 : 0.8;
  return [{ speed, feed: 0.7, said: ['the boring bar stands out ', count(ratio, 0.1), ' diameters'] }];
}

/**
 * Feed and spindle speed for a cut at a diameter (mm), from a row of the materials table. Slower for a form tool, an
 * interrupted cut, overhang and boring. With the lathe's speeds given (rpm), the next one not above it is named, or
 * its slowest. Errors: out-of-range. Source: n = 1000 v / (π d); the factors are rules of the trade.
 *
 * @example
 * feedAndSpeed({ material: STEEL, tool: 'hss', diameter: 24, duty: { finishing: false } }).rpm
 * // → 397.887
 */
export function feedAndSpeed({
  material,
  tool,
  diameter,
  duty,
  speeds = [],
}: {
  material: Material;
  tool: ToolMaterial;
  diameter: number;
  duty: Duty;
  speeds?: readonly number[] | undefined;
}): FeedAndSpeed {
  const factors = slower(duty);
  const base = positive(tool === 'hss' ? material.speedHss : material.speedCarbide, 'speed', 'The speed');
  const surfaceSpeed = factors.reduce((v, f) => v * f.speed, base);
  const { rpm } = spindleSpeed({ surfaceSpeed, diameter });
  const feed = factors.reduce((f, by) => f * by.feed, duty.finishing ? material.fineFeed : material.feed);
  const { set, tooFast } = slowEnough(rpm, speeds);
  return {
    surfaceSpeed,
    rpm,
    set: speeds.length > 0 ? set : null,
    tooFast,
    feed,
    because: factors.map((f) => f.said),
  };
}

/** The lathe's next speed not above what is wanted; its slowest, said to be too fast, where it has none. rpm. */
export function slowEnough(wanted: number, speeds: readonly number[]): { set: number; tooFast: boolean } {
  const under = speeds.filter((s) => s <= wanted);
  if (under.length > 0) return { set: Math.max(...under), tooFast: false };
  return speeds.length > 0 ? { set: Math.min(...speeds), tooFast: true } : { set: wanted, tooFast: false };
}
