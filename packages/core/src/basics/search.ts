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

/** Where what holds at one place and not at another turns, by halving: the last place found where it holds, the first where it does not. */
export function turningAt(
  holds: (at: number) => boolean,
  from: number,
  to: number,
  halvings: number,
): [last: number, first: number] {
  let [last, first] = [from, to];
  for (let i = 0; i < halvings; i++) {
    const middle = (last + first) / 2;
    if (holds(middle)) last = middle;
    else first = middle;
  }
  return [last, first];
}
