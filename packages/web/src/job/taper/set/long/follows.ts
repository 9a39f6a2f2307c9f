/** The first of some places after which what is fitted no longer stands still. */
export function followsFrom(places: readonly number[], fitted: readonly number[]): number {
  const steepest = Math.max(...fitted.slice(1).map((seen, i) => Math.abs(seen - (fitted[i] as number))));
  const first = fitted.slice(1).findIndex((seen, i) => Math.abs(seen - (fitted[i] as number)) > steepest / 2);
  return places[Math.max(0, first)] as number;
}
