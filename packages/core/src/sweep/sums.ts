import type { Series } from './series';
import { drawingOf, type Drawing } from './shapes';
import type { Column, ShapeId } from './tails';

/** A column over the readings at hand: each of its shapes from the reading of an index on. */
export type Placed = readonly { readonly of: ShapeId; readonly times: number; readonly from: number }[];

/** Sums of products of columns, and of each with the readings, as the readings are weighed. */
export interface Sums {
  readonly series: Series;
  readonly drawing: Drawing;
  placed(column: Column): Placed;
  /** Of two columns. */
  product(a: Placed, b: Placed): number;
  /** Of a column and the readings. */
  withReadings(column: Placed): number;
  /** Of the readings with themselves. */
  readonly readings: number;
  /** Readings that count. */
  readonly counted: number;
}

/** What is multiplied with what: looked up too often for names. */
const FACTORS: Readonly<Record<ShapeId | 'readings', number>> = {
  level: 0,
  travel: 1,
  bow: 2,
  sine: 3,
  cosine: 4,
  readings: 5,
};
const COUNT = Object.keys(FACTORS).length;

/**
 * Wherever terms sit, their columns are the same few shapes from some reading on. With sums from each reading on, kept when
 * they are first asked for, a choice of places is fitted without going through the readings again, however many there are.
 */
export function sumsOf(series: Series, drawing: Drawing = drawingOf(series)): Sums {
  const { y, w } = series;
  const known: (FromOn | undefined)[] = new Array<undefined>(COUNT ** 2).fill(undefined);
  const sumOn = (a: ShapeId, b: ShapeId | 'readings', from: number): number => {
    const [i, j] = [FACTORS[a], FACTORS[b]];
    const key = i < j ? i * COUNT + j : j * COUNT + i;
    return (known[key] ??= fromEachOn(w, drawing.of(a), b === 'readings' ? y : drawing.of(b)))(from);
  };
  return {
    series,
    drawing,
    placed: (column) => column.map(({ of, times, after }) => ({ of, times, from: drawing.beyond(after) })),
    product(a, b) {
      let sum = 0;
      for (const one of a)
        for (const other of b)
          sum += one.times * other.times * sumOn(one.of, other.of, Math.max(one.from, other.from));
      return sum;
    },
    withReadings(column) {
      let sum = 0;
      for (const { of, times, from } of column) sum += times * sumOn(of, 'readings', from);
      return sum;
    },
    readings: sumOf(w, (k) => (y[k] as number) ** 2),
    counted: sumOf(w, () => 1),
  };
}

/** The sum of weighed products of all readings from an index on. */
type FromOn = (from: number) => number;

/** So many sums are kept of a pair, evenly along the readings: the rest to the next of them is added when it is asked for. */
const KEPT = 1024;

function fromEachOn(w: Float64Array, a: Float64Array, b: Float64Array): FromOn {
  const n = w.length;
  const each = Math.ceil(n / KEPT);
  const over = (from: number, to: number): number => {
    let sum = 0;
    for (let k = from; k < to; k++) sum += (w[k] as number) * (a[k] as number) * (b[k] as number);
    return sum;
  };
  const kept = new Float64Array(Math.ceil(n / each) + 1);
  for (let i = kept.length - 2; i >= 0; i--)
    kept[i] = (kept[i + 1] as number) + over(i * each, Math.min(n, (i + 1) * each));
  return (from) => {
    const next = Math.ceil(from / each);
    return (kept[next] as number) + over(from, Math.min(n, next * each));
  };
}

function sumOf(w: Float64Array, of: (k: number) => number): number {
  let sum = 0;
  for (let k = 0; k < w.length; k++) sum += (w[k] as number) * of(k);
  return sum;
}
