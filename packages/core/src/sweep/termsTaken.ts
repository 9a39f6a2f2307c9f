import { fittedSweep } from './fittedSweep';
import type { Sweep, SweepAnalysis } from './sweep';

/** What one term of an analysis adds to a straight needle, at each of some places, mm. */
export interface TermTaken {
  readonly term: 'bow' | 'step' | 'sine';
  readonly takes: readonly number[];
}

/**
 * What each term of an analysis takes of the needle's way, at some places, mm: to be drawn between the fit and what it would be
 * without it. Lash is no term of these: it keeps the needle, and adds nothing.
 *
 * @example
 * termsTaken(LEVEL_SWEEP, { ...analyseSweep(LEVEL_SWEEP), step: { at: 50, size: 0.02 } }, [40, 60])
 * // → [{ term: 'step', takes: [0, 0.02] }]
 */
export function termsTaken(
  sweep: Sweep,
  analysis: SweepAnalysis,
  places: readonly number[],
): readonly TermTaken[] {
  const { bow, step, sine } = analysis;
  let [from, to] = [Infinity, -Infinity];
  for (const at of sweep.travel) [from, to] = [Math.min(from, at), Math.max(to, at)];
  const along = (at: number): number => (at - from) / (to - from);
  const found: TermTaken[] = [];
  if (bow)
    found.push({ term: 'bow', takes: places.map((at) => 4 * bow.value * along(at) * (1 - along(at))) });
  if (step) found.push({ term: 'step', takes: places.map((at) => (at > step.at ? step.size : 0)) });
  if (sine) {
    const still = fittedSweep(sweep, { ...analysis, sine: null }, places);
    const swung = fittedSweep(sweep, analysis, places);
    found.push({ term: 'sine', takes: swung.map((seen, i) => seen - (still[i] as number)) });
  }
  return found;
}
