/**
 * Solves a small set of linear equations, each row its factors and then its right side, by elimination with the largest
 * pivot. Null where a pivot is smaller than `least`: the rows do not settle it.
 */
export function solveLinear(rows: readonly (readonly number[])[], least: number): number[] | null {
  const m = rows.map((row) => [...row]);
  const size = m.length;
  for (let i = 0; i < size; i++) {
    let pivot = i;
    for (let k = i + 1; k < size; k++) if (Math.abs(m[k]?.[i] ?? 0) > Math.abs(m[pivot]?.[i] ?? 0)) pivot = k;
    [m[i], m[pivot]] = [m[pivot] ?? [], m[i] ?? []];
    const lead = m[i] as number[];
    if (Math.abs(lead[i] ?? 0) < least) return null;
    for (let j = 0; j < size; j++) {
      const row = m[j] as number[];
      const times = (row[i] ?? 0) / (lead[i] as number);
      if (j !== i) for (let k = i; k <= size; k++) row[k] = (row[k] ?? 0) - times * (lead[k] ?? 0);
    }
  }
  return m.map((row, i) => (row[size] ?? 0) / (row[i] as number));
}

/** Normal equations of least squares: for rows of factors and what each should come to. */
export function normalEquations(
  rows: readonly { readonly terms: readonly number[]; readonly value: number }[],
  size: number,
): number[][] {
  const index = Array.from({ length: size }, (_, i) => i);
  const sum = (of: (row: (typeof rows)[number]) => number): number =>
    rows.reduce((total, row) => total + of(row), 0);
  return index.map((i) => [
    ...index.map((j) => sum((row) => (row.terms[i] ?? 0) * (row.terms[j] ?? 0))),
    sum((row) => (row.terms[i] ?? 0) * row.value),
  ]);
}

/** A touch of weight on staying at nothing, for what the rows do not settle. */
const HOLD = 1e-9;

/** Least squares for rows of factors and what each should come to; a direction the rows say nothing of stays at nothing. */
export function leastSquares(
  rows: readonly { readonly terms: readonly number[]; readonly value: number }[],
  size: number,
): number[] {
  const held = normalEquations(rows, size).map((row, i) =>
    row.map((value, j) => (i === j ? value + HOLD : value)),
  );
  return solveLinear(held, 0) ?? new Array<number>(size).fill(0);
}
