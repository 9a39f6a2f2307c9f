import { median, robustSpread, type Series } from './series';

/** So many spreads off is a reading that jumps out, not scatter: of 100,000 readings of a bell none does. */
const JUMPS = 6;
/** Nor does one that is a few of the instrument's own steps off. */
const STEPS = 3;

/** How far off a reading lies to be one that jumps out. */
export const jumpsFrom = (residuals: Float64Array, resolution: number): number =>
  Math.max(JUMPS * robustSpread(residuals), STEPS * resolution, 1e-9);

/** The same series with those readings left out. */
export const without = (series: Series, residuals: Float64Array): Series => {
  const w = new Float64Array(residuals.length).fill(1);
  for (const { from, to } of jumpsIn(residuals, jumpsFrom(residuals, series.resolution)))
    if (to - from < BEHAVIOUR) w.fill(0, from, to);
  return { ...series, w };
};
/** So many neighbours that are off to one side together are how it behaves, not readings that jump out. */
const BEHAVIOUR = 3;

/** Readings further off than so much, neighbours off to the same side together: from an index to before another. */
export function jumpsIn(
  residuals: Float64Array,
  most: number,
): readonly { readonly from: number; readonly to: number }[] {
  const runs: { from: number; to: number }[] = [];
  for (let i = 0; i < residuals.length; i++) {
    const size = residuals[i] as number;
    if (Math.abs(size) <= most) continue;
    const last = runs.at(-1);
    if (last?.to === i && Math.sign(residuals[i - 1] as number) === Math.sign(size)) last.to = i + 1;
    else runs.push({ from: i, to: i + 1 });
  }
  return runs;
}

/** Neighbours on each side that a reading is held against before anything is fitted. */
const NEIGHBOURS = 3;

/** How far each reading lies from the line through its neighbours' medians: a robust start, before any term is known. */
export function offNeighbours({ u, y }: Series): Float64Array {
  return y.map((reading, i) => {
    const from = Math.max(0, Math.min(i - NEIGHBOURS, y.length - 2 * NEIGHBOURS - 1));
    const slopes: number[] = [];
    const others: number[] = [];
    for (let k = from; k <= Math.min(y.length - 1, from + 2 * NEIGHBOURS); k++) if (k !== i) others.push(k);
    for (const a of others)
      for (const b of others) {
        const run = (u[b] as number) - (u[a] as number);
        if (b > a && run > 0) slopes.push(((y[b] as number) - (y[a] as number)) / run);
      }
    const slope = slopes.length > 0 ? median(Float64Array.from(slopes)) : 0;
    const levels = others.map((k) => (y[k] as number) - slope * ((u[k] as number) - (u[i] as number)));
    return reading - median(Float64Array.from(levels));
  });
}
