import { finite, notNegative, positive } from '../basics/check';
import { AnelloError } from '../basics/error';
import type { Sweep } from './sweep';

/** Fewer readings show no behaviour. */
export const FEWEST = 8;
/** Readings closer together than this were taken at one place, mm: no carriage moves so little. */
const ONE_PLACE = 1e-6;

/** A sweep made ready: by rising travel, with what is asked of it again and again. */
export interface Series {
  /** Travel from the first reading on. */
  readonly u: Float64Array;
  readonly y: Float64Array;
  /** Each reading's weight: 0 of one that is left out. */
  readonly w: Float64Array;
  /** Where the first reading was taken, and how far the last is from it. */
  readonly from: number;
  readonly length: number;
  /** From one reading to the next, on the average. */
  readonly gap: number;
  readonly resolution: number;
  readonly expectedSlope: number;
  /** Of a swing that is looked for: the lead screw's, or one that was found. */
  readonly period: number | null;
}

/** Errors: underdetermined (too few readings), inconsistent (lists of two lengths), out-of-range, not-finite. */
export function seriesOf({ travel, reading, expectedSlope, lead, resolution }: Sweep): Series {
  if (travel.length !== reading.length)
    throw new AnelloError('inconsistent', 'reading', 'Each reading needs the travel it was taken at.');
  if (travel.length < FEWEST)
    throw new AnelloError(
      'underdetermined',
      'reading',
      `A sweep of fewer than ${FEWEST} readings shows nothing: take more along the way.`,
    );
  finite(expectedSlope, 'expectedSlope');
  if (lead !== undefined) positive(lead, 'lead', 'The lead');
  if (resolution !== undefined) notNegative(resolution, 'resolution', 'What it is read to');
  const { x, y } = inOrder(travel, reading);
  const middle = y.reduce((sum, value) => sum + value, 0) / y.length;
  const from = x[0] as number;
  const length = (x.at(-1) as number) - from;
  if (!(length > ONE_PLACE))
    throw new AnelloError('underdetermined', 'travel', 'All readings were taken at one place.');
  return {
    u: x.map((at) => at - from),
    // About their middle, so that no figure is lost in sums of squares.
    y: y.map((value) => value - middle),
    w: new Float64Array(x.length).fill(1),
    from,
    length,
    gap: length / (x.length - 1),
    resolution: resolution ?? 0,
    expectedSlope,
    period: lead ?? null,
  };
}

/** By rising travel: a slide that is drawn back is swept all the same. */
function inOrder(
  travel: readonly number[],
  reading: readonly number[],
): { readonly x: Float64Array; readonly y: Float64Array } {
  const rising = travel.every((at, i) => i === 0 || at >= (travel[i - 1] as number));
  if (rising) return { x: Float64Array.from(travel), y: Float64Array.from(reading) };
  const order = travel.map((_, i) => i).sort((a, b) => (travel[a] as number) - (travel[b] as number));
  return {
    x: Float64Array.from(order, (i) => travel[i] as number),
    y: Float64Array.from(order, (i) => reading[i] as number),
  };
}

export const median = (values: Float64Array): number => {
  const sorted = values.slice().sort();
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1
    ? (sorted[half] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
};

/** From the median of how far they lie off to a standard deviation, of a bell. */
const MAD = 1.4826;
/** The spread of values round nothing, whatever a few of them do. */
export function robustSpread(values: Float64Array): number {
  // Evenly from all of them: of more the spread is known no better than it is used.
  const every = Math.ceil(values.length / ENOUGH);
  const some = Float64Array.from({ length: Math.ceil(values.length / every) }, (_, i) =>
    Math.abs(values[i * every] as number),
  );
  return MAD * median(some);
}
const ENOUGH = 4096;

/** So many stand for any number of readings while terms are looked for. */
const MOST = 512;

/**
 * The same sweep in fewer readings: each the median of its neighbours, so that one that jumps out is without weight. What is
 * found in them is settled on all readings afterwards.
 */
export function thinned(series: Series): Series {
  const { u, y } = series;
  const n = u.length;
  if (n <= 2 * MOST) return series;
  const slope = chord(series);
  const places = Array.from({ length: MOST + 1 }, (_, i) => Math.floor((i * n) / MOST));
  const tu = new Float64Array(MOST);
  const ty = new Float64Array(MOST);
  for (let i = 0; i < MOST; i++) {
    const [a, b] = [places[i] as number, places[i + 1] as number];
    let sum = 0;
    for (let k = a; k < b; k++) sum += u[k] as number;
    const middle = sum / (b - a);
    tu[i] = middle;
    ty[i] = median(y.subarray(a, b).map((value, k) => value - slope * ((u[a + k] as number) - middle)));
  }
  return { ...series, u: tu, y: ty, w: new Float64Array(MOST).fill(1), gap: series.length / (MOST - 1) };
}

/** The slope from the first tenth to the last, whatever single readings do. */
export function chord({ u, y }: Series): number {
  const part = Math.max(3, Math.floor(u.length / 10));
  const rise = median(y.subarray(-part)) - median(y.subarray(0, part));
  const run = median(u.subarray(-part)) - median(u.subarray(0, part));
  return run > 0 ? rise / run : 0;
}
