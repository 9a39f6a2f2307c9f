import { solveLinear } from '../basics/linear';
import { leftBy } from './shapes';
import type { Placed, Sums } from './sums';
import type { Column } from './tails';

/** Least squares of a series on columns. */
export interface LinearFit {
  readonly coefficients: readonly number[];
  /** The sum of the squares of what is left, and readings that count less terms. */
  readonly squares: number;
  readonly freedom: number;
  /** What is left, of every reading: of those left out too. */
  residuals(): Float64Array;
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

/** From the products of columns and readings, as `productsOf` has them. */
function normal(m: Float64Array, own: readonly number[]): Normal {
  const size = own.length + 1;
  const scale = own.map((square) => 1 / Math.sqrt(Math.max(square, Number.MIN_VALUE)));
  const rows = scale.map((times, i) =>
    Array.from({ length: size }, (_, j) => {
      const value = m[Math.min(i, j) * size + Math.max(i, j)] as number;
      return value * times * (scale[j] ?? 1);
    }),
  );
  return { rows, scale };
}

/**
 * Takes each of some columns in turn out of all that follow, in the square of their products with the readings' at the end:
 * what is left of the readings' own. Infinite where a column is hardly more than those before it, by its own size.
 */
function takenOut(m: Float64Array, own: readonly number[]): number {
  const size = own.length + 1;
  for (let i = 0; i < size - 1; i++) {
    const pivot = m[i * size + i] as number;
    if (!(pivot > LEAST * (own[i] as number))) return Infinity;
    for (let j = i + 1; j < size; j++) {
      const times = (m[i * size + j] as number) / pivot;
      for (let k = j; k < size; k++)
        m[j * size + k] = (m[j * size + k] as number) - times * (m[i * size + k] as number);
    }
  }
  return Math.max(0, m[size * size - 1] as number);
}

/**
 * What columns leave of the sum of squares beside some that stay: those are taken out once for all that are tried beside
 * them. Infinite where they do not tell one term from another.
 */
export function leftBeside(sums: Sums, staying: readonly Column[]): (columns: readonly Column[]) => number {
  const placed = staying.map((column) => sums.placed(column));
  const size = placed.length + 1;
  const m = productsOf(sums, placed, sums.readings);
  const left = takenOut(m, diagonalOf(m, size));
  if (left === Infinity) return () => Infinity;
  /** Of a column each that stays, once those before it are taken out. */
  const sharesIn = (column: Placed): Float64Array => {
    const shares = new Float64Array(size - 1);
    for (let i = 0; i < size - 1; i++) {
      let share = sums.product(column, placed[i] as Placed);
      for (let k = 0; k < i; k++)
        share -= ((m[k * size + i] as number) / (m[k * size + k] as number)) * (shares[k] as number);
      shares[i] = share;
    }
    return shares;
  };
  /** What a column and another, or the readings, have in common with those that stay. */
  const common = (a: Float64Array, b: (k: number) => number): number => {
    let sum = 0;
    for (let k = 0; k < size - 1; k++) sum += ((a[k] as number) / (m[k * size + k] as number)) * b(k);
    return sum;
  };
  return (columns) => {
    if (columns.length === 0) return left;
    const more = columns.map((column) => sums.placed(column));
    const shares = more.map(sharesIn);
    const beside = productsOf(sums, more, left);
    const own = diagonalOf(beside, more.length + 1);
    shares.forEach((a, i) => {
      const row = i * (more.length + 1);
      for (let j = i; j < more.length; j++) {
        const b = shares[j] as Float64Array;
        beside[row + j] = (beside[row + j] as number) - common(a, (k) => b[k] as number);
      }
      const end = row + more.length;
      beside[end] = (beside[end] as number) - common(a, (k) => m[k * size + size - 1] as number);
    });
    return takenOut(beside, own);
  };
}

/** Products of each column with those from itself on and with the readings, row by row, and of the readings at the end. */
function productsOf(sums: Sums, placed: readonly Placed[], readings: number): Float64Array {
  const size = placed.length + 1;
  const m = new Float64Array(size * size);
  placed.forEach((a, i) => {
    for (let j = i; j < size - 1; j++) m[i * size + j] = sums.product(a, placed[j] as Placed);
    m[i * size + size - 1] = sums.withReadings(a);
  });
  m[size * size - 1] = readings;
  return m;
}
const diagonalOf = (m: Float64Array, size: number): number[] =>
  Array.from({ length: size - 1 }, (_, i) => m[i * size + i] as number);

/** Least squares of the readings on columns; null where they do not tell one term from another. */
export function fitLinear(sums: Sums, columns: readonly Column[]): LinearFit | null {
  const m = productsOf(
    sums,
    columns.map((column) => sums.placed(column)),
    sums.readings,
  );
  const own = diagonalOf(m, columns.length + 1);
  const { rows, scale } = normal(m, own);
  const solved = solveLinear(rows, LEAST);
  if (!solved) return null;
  const coefficients = solved.map((value, i) => value * (scale[i] as number));
  let left: Float64Array | null = null;
  return {
    coefficients,
    residuals: () => (left ??= leftBy(sums.series, sums.drawing, columns, coefficients)),
    squares: takenOut(m, own),
    freedom: Math.max(1, sums.counted - columns.length),
    spread(index) {
      const unit = rows.map((row, i) => [...row.slice(0, -1), i === index ? 1 : 0]);
      const inverse = solveLinear(unit, LEAST)?.[index];
      return inverse === undefined ? null : Math.sqrt(Math.max(0, inverse)) * (scale[index] as number);
    },
  };
}
