/** Index of the first of rising values that is not under a bound; the length where all are. */
export function firstNotUnder(rising: ArrayLike<number>, bound: number): number {
  let [from, to] = [0, rising.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((rising[middle] as number) < bound) from = middle + 1;
    else to = middle;
  }
  return from;
}
