import { settled, type Model } from './model';
import type { Series } from './series';
import { sumsOf } from './sums';
import { TURNS } from './terms/sine';

/** Periods tried to one turn more over the whole travel: finer than a peak is wide. */
const FINENESS = 3;
const MOST_PERIODS = 500;
/** How much better than chance the best of so many periods must be: one sweep in a thousand would be so by itself. */
const BY_CHANCE = 1e-3;
const SWING = 'sine' as const;

/** A sweep that swings with a period nobody gave, and the model with it. */
export interface Swung {
  readonly series: Series;
  readonly model: Model;
}

/** A swing in what a model without one leaves, at whatever period stands out; null where none does. */
export function withOwnPeriod(series: Series, model: Model): Swung | null {
  const { length, gap, u } = series;
  const [slow, fast] = [TURNS / length, 1 / (READINGS * gap)];
  const count = Math.min(MOST_PERIODS, Math.ceil((fast - slow) * length * FINENESS));
  if (!(count > 0)) return null;
  const { at, left } = leastSwing(series, model.fit.residuals(), {
    from: slow,
    by: (fast - slow) / count,
    count,
  });
  const n = u.length;
  const gain = n * Math.log(model.fit.squares / Math.max(left, Number.MIN_VALUE));
  if (!(gain > 2 * Math.log(count / BY_CHANCE) + 2 * Math.log(n))) return null;
  return refined(series, [...model.terms, SWING], model.places, 1 / at);
}
/** A turn of a swing that nobody knows of holds so many readings. */
const READINGS = 2.2;

interface Turns {
  /** Turns to a mm of travel: the slowest, what each next is faster by, and how many. */
  readonly from: number;
  readonly by: number;
  readonly count: number;
}

/**
 * Of swings each as much faster than the one before, which leaves least of something without a level. Each is turned on from
 * the one before it (the rule for the sine of a sum), so that no sine is worked out twice.
 */
function leastSwing(
  { u, w }: Series,
  y: Float64Array,
  { from, by, count }: Turns,
): { readonly at: number; readonly left: number } {
  const turned = (turns: number, of: (angle: number) => number): Float64Array =>
    u.map((at) => of(2 * Math.PI * turns * at));
  const [s, c, ds, dc] = [
    turned(from, Math.sin),
    turned(from, Math.cos),
    turned(by, Math.sin),
    turned(by, Math.cos),
  ];
  let [at, least] = [from, Infinity];
  for (let i = 0; i < count; i++) {
    const left = squaresOff(w, y, s, c);
    if (left < least) [least, at] = [left, from + i * by];
    for (let k = 0; k < u.length; k++) {
      const [sine, cosine] = [s[k] as number, c[k] as number];
      s[k] = sine * (dc[k] as number) + cosine * (ds[k] as number);
      c[k] = cosine * (dc[k] as number) - sine * (ds[k] as number);
    }
  }
  return { at, left: least };
}

/** What a sine and a cosine leave. */
function squaresOff(w: Float64Array, y: Float64Array, s: Float64Array, c: Float64Array): number {
  let [ss, cc, sc, sy, cy, yy] = [0, 0, 0, 0, 0, 0];
  for (let k = 0; k < y.length; k++) {
    const weight = w[k] as number;
    const [sine, cosine, reading] = [s[k] as number, c[k] as number, y[k] as number];
    ss += weight * sine * sine;
    cc += weight * cosine * cosine;
    sc += weight * sine * cosine;
    sy += weight * sine * reading;
    cy += weight * cosine * reading;
    yy += weight * reading * reading;
  }
  const settles = ss * cc - sc * sc;
  return settles > 0 ? yy - (cc * sy * sy - 2 * sc * sy * cy + ss * cy * cy) / settles : yy;
}

/** The period where the whole model leaves least, by narrowing. */
function refined(series: Series, terms: Model['terms'], places: Model['places'], near: number): Swung | null {
  const swung = (period: number): Swung | null => {
    const own = { ...series, period };
    const model = settled(sumsOf(own), terms, places);
    return model && { series: own, model };
  };
  let best = swung(near);
  let reach = near ** 2 / (FINENESS * series.length);
  for (let i = 0; best && i < 16; i++) {
    const period: number = best.series.period ?? near;
    const nearer: Swung | undefined = [swung(period - reach / 2), swung(period + reach / 2)]
      .filter((one) => one !== null)
      .find(({ model }) => model.fit.squares < (best as Swung).model.fit.squares);
    if (nearer) best = nearer;
    else reach /= 2;
  }
  return best;
}
