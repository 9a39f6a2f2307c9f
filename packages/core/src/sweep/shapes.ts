import { firstNotUnder } from '../basics/search';
import type { Series } from './series';
import type { Column, ShapeId, Tail } from './tails';

/** Turns of a swing over the travel, rad to a mm; none where there is no swing. */
const turnOf = ({ period }: Series): number => (period === null ? 0 : (2 * Math.PI) / period);

/** Of the travel from the first reading on, for all readings at once. */
const SHAPES: Readonly<Record<ShapeId, (u: Float64Array, series: Series) => Float64Array>> = {
  level: (u) => new Float64Array(u.length).fill(1),
  travel: (u) => u,
  bow: (u, { length }) => u.map((at) => (4 * at * (length - at)) / length ** 2),
  sine: (u, series) => {
    const turn = turnOf(series);
    return u.map((at) => Math.sin(turn * at));
  },
  cosine: (u, series) => {
    const turn = turnOf(series);
    return u.map((at) => (turn === 0 ? 0 : Math.cos(turn * at)));
  },
};

/** The shapes at every reading of a series, each worked out when it is first asked for; and where a tail begins. */
export interface Drawing {
  of(shape: ShapeId): Float64Array;
  /** Index of the first reading beyond a place. */
  beyond(place: number): number;
}

export function drawingOf(series: Series): Drawing {
  const { u } = series;
  const drawn = new Map<ShapeId, Float64Array>();
  const known = new Map<number, number>([[-Infinity, 0]]);
  return {
    of(shape) {
      const before = drawn.get(shape);
      if (before) return before;
      const now = SHAPES[shape](u, series);
      drawn.set(shape, now);
      return now;
    },
    beyond(place) {
      const before = known.get(place);
      if (before !== undefined) return before;
      let k = firstNotUnder(u, place);
      while (k < u.length && (u[k] as number) <= place) k++;
      known.set(place, k);
      return k;
    },
  };
}

/** What is left of the readings when so much of each column has been taken out of them. */
export function leftBy(
  { y }: Series,
  drawing: Drawing,
  columns: readonly Column[],
  by: readonly number[],
): Float64Array {
  const left = y.slice();
  columns.forEach((column, i) => {
    for (const tail of column) takeOut(left, drawing, tail, by[i] as number);
  });
  return left;
}

function takeOut(left: Float64Array, drawing: Drawing, { of, times, after }: Tail, by: number): void {
  const shape = drawing.of(of);
  const each = times * by;
  for (let k = drawing.beyond(after); k < left.length; k++)
    left[k] = (left[k] as number) - each * (shape[k] as number);
}
