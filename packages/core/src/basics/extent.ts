/** The largest of a list however long: spread into a call, a list of a hundred thousand overflows the stack. -Infinity of none. */
export function most(values: Iterable<number>): number {
  let found = -Infinity;
  for (const value of values) if (value > found || Number.isNaN(value)) found = value;
  return found;
}

/** The smallest of a list however long; Infinity of none. */
export function least(values: Iterable<number>): number {
  let found = Infinity;
  for (const value of values) if (value < found || Number.isNaN(value)) found = value;
  return found;
}
