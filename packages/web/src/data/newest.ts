/**
 * Of things asked for one after another only the last counts: each is given a word that it may look at when its answer has
 * come, which is false once another was asked for, or all were called off.
 *
 * @example
 * const ask = newest();
 * const first = ask();
 * ask();
 * first() // → false
 */
export function newest(): (() => () => boolean) & {
  /** None that was asked for counts any more. */ drop(): void;
} {
  let last = 0;
  const ask = () => {
    const mine = ++last;
    return () => mine === last;
  };
  return Object.assign(ask, { drop: () => void last++ });
}
