import { positive } from '../basics/check';
import { AnelloError } from '../basics/error';
import { fitLinear } from './linearFit';
import { localScatter } from './localScatter';
import { offNeighbours, without } from './outliers';
import { seriesOf, thinned, type Series } from './series';
import { sumsOf } from './sums';
import type { Sweep } from './sweep';
import { all } from './tails';

/** A stretch of a sweep, and how far the needle strays from a straight line in it. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  /** The farthest it strays to either side, single readings and scatter left out, mm. */
  readonly off: number;
  /** Of the straight line through it, with its standard uncertainty. */
  readonly slope: { readonly value: number; readonly u: number };
}

/** Places a stretch could begin at that are tried. */
const TRIED = 60;
/** Neighbours whose mean is taken for the needle's own way: their scatter is not the bar's. */
const TOGETHER = 7;
/** And never more than this part of a stretch, or its whole bow would come to nothing in one mean. */
const A_FOURTH = 4;

/**
 * Of all stretches of a length the one along which the needle goes straightest: where a worn bar is still good. Errors: as
 * analyseSweep; out-of-range where the sweep is shorter; underdetermined where it holds too few readings.
 *
 * @example
 * straightestStretch(LEVEL_SWEEP, 80).off
 * // → 0
 */
export function straightestStretch(sweep: Sweep, length: number): Stretch {
  positive(length, 'length', 'The stretch');
  if (length > seriesOf(sweep).length)
    throw new AnelloError(
      'out-of-range',
      'length',
      'The sweep is shorter than the stretch that is asked for.',
    );
  const found = straightestOf(sweep, length);
  if (!found)
    throw new AnelloError(
      'underdetermined',
      'length',
      `Along so short a stretch there are fewer than ${A_FOURTH} readings: sweep it more closely.`,
    );
  return found;
}

/** The same; null where the sweep is shorter, or has too few readings along so short a stretch. */
export function straightestOf(sweep: Sweep, length: number): Stretch | null {
  const whole = thinned(seriesOf(sweep));
  if (length > whole.length) return null;
  const series = without(whole, offNeighbours(whole));
  const room = whole.length - length;
  const starts = Array.from({ length: TRIED + 1 }, (_, i) => (room * i) / TRIED);
  const stretches = starts.map((start): Stretch => {
    const from = series.from + start;
    return { from, to: from + length, ...strayIn(series, start, start + length) };
  });
  const best = stretches.reduce((a, b) => (b.off < a.off ? b : a));
  return Number.isFinite(best.off) ? best : null;
}

/** How the needle goes all along: how far it strays from one straight line, and how much it buzzes on its way; mm. */
export function wanderOf(sweep: Sweep): { readonly off: number; readonly buzz: number } {
  const whole = seriesOf(sweep);
  const few = thinned(whole);
  const series = without(few, offNeighbours(few));
  return { off: strayIn(series, 0, whole.length).off, buzz: localScatter(whole) };
}

/** How far the needle strays from the straight line through a part of a sweep, and how that climbs. */
function strayIn(series: Series, from: number, to: number): Pick<Stretch, 'off' | 'slope'> {
  const { u, w } = series;
  const part = {
    ...series,
    w: w.map((weight, i) => ((u[i] as number) >= from && (u[i] as number) <= to ? weight : 0)),
  };
  const fit = fitLinear(sumsOf(part), [all('level'), all('travel')]);
  if (!fit) return NOWHERE;
  const counted = Array.from(fit.residuals()).filter((_, i) => (part.w[i] as number) > 0);
  if (counted.length < A_FOURTH) return NOWHERE;
  const together = Math.min(TOGETHER, Math.floor(counted.length / A_FOURTH));
  let most = 0;
  for (let i = 0; i + together <= counted.length; i++) {
    const sum = counted.slice(i, i + together).reduce((total, one) => total + one, 0);
    most = Math.max(most, Math.abs(sum / together));
  }
  const scatter = Math.sqrt(fit.squares / Math.max(1, fit.freedom));
  return { off: most, slope: { value: fit.coefficients[1] as number, u: scatter * (fit.spread(1) ?? 0) } };
}
/** Too few readings for a line. */
const NOWHERE = { off: Infinity, slope: { value: 0, u: 0 } } as const;
