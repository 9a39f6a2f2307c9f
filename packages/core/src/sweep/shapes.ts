import { firstNotUnder } from '../basics/search';
import type { Series } from './series';
import { SHAPE_IDS, type Column, type ShapeId } from './tails';

type Shape = (u: number, series: Series) => number;

/** Of the travel from the first reading on. */
const SHAPES: Readonly<Record<ShapeId, Shape>> = {
  level: () => 1,
  travel: (u) => u,
  bow: (u, { length }) => (4 * u * (length - u)) / length ** 2,
  sine: (u, { period }) => (period === null ? 0 : Math.sin((2 * Math.PI * u) / period)),
  cosine: (u, { period }) => (period === null ? 0 : Math.cos((2 * Math.PI * u) / period)),
};

/** A column at every reading. */
export function drawn(series: Series, tails: Column): Float64Array {
  const { u } = series;
  const column = new Float64Array(u.length);
  for (const { of, times, after } of tails) {
    const shape = SHAPES[of];
    for (let k = firstOver(u, after); k < u.length; k++)
      column[k] = (column[k] as number) + times * shape(u[k] as number, series);
  }
  return column;
}

/** Index of the first reading beyond a place. */
function firstOver(u: Float64Array, place: number): number {
  let k = firstNotUnder(u, place);
  while (k < u.length && (u[k] as number) <= place) k++;
  return k;
}

/** Sums of products of shapes, and of each with the readings, over all readings from each one on. */
export interface Sums {
  /** Of two columns, or of one with the readings. */
  product(a: Column, b: Column | 'readings'): number;
  /** Of the readings with themselves. */
  readonly readings: number;
}

/**
 * Wherever terms sit, their columns are the same few shapes from some reading on: with sums from each reading on, a choice of
 * places is judged without going through the readings again.
 */
export function sumsOf(series: Series): Sums {
  const { u, y, w } = series;
  const n = u.length;
  const values = SHAPE_IDS.map((id) => Float64Array.from(u, (at) => SHAPES[id](at, series)));
  const tailSums = (a: Float64Array, b: Float64Array): Float64Array => {
    const sums = new Float64Array(n + 1);
    for (let k = n - 1; k >= 0; k--)
      sums[k] = (sums[k + 1] as number) + (w[k] as number) * (a[k] as number) * (b[k] as number);
    return sums;
  };
  const index = (id: ShapeId): number => SHAPE_IDS.indexOf(id);
  const shapes = values.map((a, i) => values.map((b, j) => (j < i ? null : tailSums(a, b))));
  const withReadings = values.map((a) => tailSums(a, y));
  const from = new Map<number, number>();
  const firstOf = (after: number): number => {
    const known = from.get(after);
    if (known !== undefined) return known;
    const found = after === -Infinity ? 0 : firstOver(u, after);
    from.set(after, found);
    return found;
  };
  const pair = (a: ShapeId, b: ShapeId): Float64Array => {
    const [i, j] = [index(a), index(b)];
    return (i < j ? shapes[i]?.[j] : shapes[j]?.[i]) as Float64Array;
  };
  return {
    readings: tailSums(y, y)[0] as number,
    product(a, b) {
      let sum = 0;
      for (const one of a) {
        if (b === 'readings') {
          sum += one.times * ((withReadings[index(one.of)] as Float64Array)[firstOf(one.after)] as number);
          continue;
        }
        for (const other of b)
          sum +=
            one.times *
            other.times *
            (pair(one.of, other.of)[Math.max(firstOf(one.after), firstOf(other.after))] as number);
      }
      return sum;
    },
  };
}
