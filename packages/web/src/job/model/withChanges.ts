/** An object with some of its parts changed; a part changed to nothing is left out. */
export function withChanges<T extends object>(before: T | undefined, more: Partial<T>): T {
  const all = Object.entries({ ...before, ...more });
  return Object.fromEntries(all.filter(([, value]) => value !== undefined)) as T;
}
