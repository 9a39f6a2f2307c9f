import { firstNotUnder } from '../../basics/search';
import type { Series } from '../series';
import type { Term } from './kind';

/** Readings before and after a jump: fewer are readings that jump out. */
const BESIDE = 3;
const COARSE = 64;

/** Places between two readings, every so many of them: a jump is somewhere between. */
function between({ u }: Series, from: number, to: number, each: number): number[] {
  const places: number[] = [];
  for (let i = Math.max(BESIDE, from); i <= Math.min(u.length - BESIDE, to); i += each)
    places.push(((u[i - 1] as number) + (u[i] as number)) / 2);
  return places;
}
const reach = ({ u }: Series): number => Math.max(1, Math.ceil(u.length / COARSE));

/** A jump that stays: a handle bumped, a gib that let go. */
export const step: Term = {
  id: 'step',
  figures: 2,
  possible: ({ u }) => u.length > 4 * BESIDE,
  columns: (place) => [[{ of: 'level', times: 1, after: place }]],
  coarse: (series) => between(series, 0, series.u.length, reach(series)),
  fine(series, near) {
    const middle = firstNotUnder(series.u, near);
    return between(series, middle - reach(series), middle + reach(series), 1);
  },
  /** Between which two readings near it the jump parts them best: each that changes sides is off by its size more or less. */
  nearest({ series: { u }, near, fit, first }) {
    const size = fit.coefficients[first] as number;
    const residuals = fit.residuals();
    const middle = firstNotUnder(u, near);
    const each = Math.ceil(u.length / 256) + 2;
    let [found, least] = [near, 0];
    for (const way of [1, -1] as const) {
      let change = 0;
      for (let i = 0; i < each; i++) {
        const k = way > 0 ? middle + i : middle - 1 - i;
        if (k < BESIDE || k >= u.length - BESIDE) break;
        const left = residuals[k] as number;
        change += (left + way * size) ** 2 - left ** 2;
        if (change >= least) continue;
        least = change;
        found = ((u[k] as number) + (u[k + way] as number)) / 2;
      }
    }
    return found;
  },
};
