export function meanOf(values: readonly number[]): number {
  return values.reduce((sum, v) => sum + v, 0) / values.length;
}

/** How far single ones lie from their mean, plus or minus (k = 2); null of fewer than two. */
export function scatterOf(values: readonly number[]): number | null {
  if (values.length < 2) return null;
  const mean = meanOf(values);
  return 2 * Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1));
}
