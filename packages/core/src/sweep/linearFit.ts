import { solveLinear } from '../basics/linear';
import type { Series } from './series';
import type { Sums } from './shapes';
import type { Column } from './tails';

/** Least squares of a series on columns. */
export interface LinearFit {
  readonly coefficients: readonly number[];
  /** What is left, of every reading: of those left out too. */
  readonly residuals: Float64Array;
  /** The sum of the squares of what is left, and readings that count less terms. */
  readonly squares: number;
  readonly freedom: number;
  /** The standard uncertainty of a coefficient where each reading has a standard deviation of 1; null of a term not settled. */
  spread(index: number): number | null;
}

/** A pivot smaller than this, of columns brought to one size, does not tell one term from another. */
const LEAST = 1e-12;

/** Normal equations with every column brought to one size. */
interface Normal {
  readonly rows: readonly (readonly number[])[];
  readonly scale: readonly number[];
}

/** From the products of each column with those from itself on, and at the end with the readings. */
function normal(products: readonly (readonly number[])[]): Normal {
  const size = products.length;
  const scale = products.map((row, i) => 1 / Math.sqrt(Math.max(row[i] as number, Number.MIN_VALUE)));
  const rows = products.map((row, i) =>
    Array.from({ length: size + 1 }, (_, j) => {
      const value = j < i ? products[j]?.[i] : row[j];
      return (value as number) * (scale[i] as number) * (j === size ? 1 : (scale[j] as number));
    }),
  );
  return { rows, scale };
}

/**
 * What columns leave of the sum of squares, from sums alone: what is left of the readings' own when each column in turn has
 * been taken out of all that follow. Infinite where they do not tell one term from another.
 */
export function squaresLeft(sums: Sums, columns: readonly Column[]): number {
  const size = columns.length + 1;
  const m = new Float64Array(size * size);
  for (let i = 0; i < size - 1; i++) {
    const a = columns[i] as Column;
    for (let j = i; j < size - 1; j++) m[i * size + j] = sums.product(a, columns[j] as Column);
    m[i * size + size - 1] = sums.product(a, 'readings');
  }
  m[size * size - 1] = sums.readings;
  for (let i = 0; i < size - 1; i++) {
    const own = sums.product(columns[i] as Column, columns[i] as Column);
    const pivot = m[i * size + i] as number;
    if (!(pivot > LEAST * own)) return Infinity;
    for (let j = i + 1; j < size; j++) {
      const times = (m[i * size + j] as number) / pivot;
      for (let k = j; k < size; k++)
        m[j * size + k] = (m[j * size + k] as number) - times * (m[i * size + k] as number);
    }
  }
  return Math.max(0, m[size * size - 1] as number);
}

function products({ y, w }: Series, columns: readonly Float64Array[]): number[][] {
  const dot = (a: Float64Array, b: Float64Array): number => {
    let sum = 0;
    for (let k = 0; k < a.length; k++) sum += (w[k] as number) * (a[k] as number) * (b[k] as number);
    return sum;
  };
  return columns.map((a, i) => [...columns.map((b, j) => (j < i ? 0 : dot(a, b))), dot(a, y)]);
}

/** Least squares of readings on columns drawn at each of them; null where they do not tell one term from another. */
export function fitLinear(series: Series, columns: readonly Float64Array[]): LinearFit | null {
  const { rows, scale } = normal(products(series, columns));
  const solved = solveLinear(rows, LEAST);
  if (!solved) return null;
  const coefficients = solved.map((value, i) => value * (scale[i] as number));
  const { y, w } = series;
  const residuals = y.slice();
  columns.forEach((column, i) => {
    const by = coefficients[i] as number;
    for (let k = 0; k < residuals.length; k++)
      residuals[k] = (residuals[k] as number) - by * (column[k] as number);
  });
  let [squares, counted] = [0, 0];
  for (let k = 0; k < residuals.length; k++) {
    squares += (w[k] as number) * (residuals[k] as number) ** 2;
    counted += w[k] as number;
  }
  return {
    coefficients,
    residuals,
    squares,
    freedom: Math.max(1, counted - columns.length),
    spread(index) {
      const unit = rows.map((row, i) => [...row.slice(0, -1), i === index ? 1 : 0]);
      const inverse = solveLinear(unit, LEAST)?.[index];
      return inverse === undefined ? null : Math.sqrt(Math.max(0, inverse)) * (scale[index] as number);
    },
  };
}
