import { solveLinear } from '../basics/linear';
import type { Series } from './series';

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

/** Null where the columns do not tell one term from another. */
const LEAST = 1e-12;

/** Sums of products of columns, and of each with the readings: the normal equations, in the columns' own scale. */
function productsOf({ y, w }: Series, columns: readonly Float64Array[]): number[][] {
  return columns.map((a, i) => {
    const row = columns.map((b, j) => {
      if (j < i) return 0;
      let sum = 0;
      for (let k = 0; k < a.length; k++) sum += (w[k] as number) * (a[k] as number) * (b[k] as number);
      return sum;
    });
    let right = 0;
    for (let k = 0; k < a.length; k++) right += (w[k] as number) * (a[k] as number) * (y[k] as number);
    return [...row, right];
  });
}

/** Columns of very different size are brought to one first: a pivot then says how far a term is settled. */
function scaled(products: readonly (readonly number[])[]): { rows: number[][]; scale: number[] } {
  const size = products.length;
  const scale = products.map((row, i) => 1 / Math.sqrt(Math.max(row[i] as number, Number.MIN_VALUE)));
  const rows = products.map((row, i) =>
    Array.from({ length: size + 1 }, (_, j) => {
      const value = j === size ? row[size] : j < i ? products[j]?.[i] : row[j];
      return (value as number) * (scale[i] as number) * (j === size ? 1 : (scale[j] as number));
    }),
  );
  return { rows, scale };
}

/** The sum of squares left, and nothing more: asked for often while a term is looked for. Infinite where it is not settled. */
export function squaresLeft(series: Series, columns: readonly Float64Array[]): number {
  return fitLinear(series, columns)?.squares ?? Infinity;
}

export function fitLinear(series: Series, columns: readonly Float64Array[]): LinearFit | null {
  const { rows, scale } = scaled(productsOf(series, columns));
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
  let squares = 0;
  let counted = 0;
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
