import { median, robustSpread } from './series';
import type { Sweep, SweepAnalysis } from './sweep';

/** What an analysis takes the needle to have done, without its level and its swing. */
function shapeOf({ slope, bow, step, flat }: SweepAnalysis, from: number, length: number, end: number) {
  return (at: number): number => {
    const u = (at - from) / length;
    return (
      slope.value * (flat ? Math.max(0, at - end) : at - from) +
      (bow ? bow.value * 4 * u * (1 - u) : 0) +
      (step && at > step.at ? step.size : 0)
    );
  };
}

/**
 * The needle along a sweep as an analysis has it, at some places, mm: to be drawn through the readings.
 *
 * @example
 * fittedSweep(LEVEL_SWEEP, analyseSweep(LEVEL_SWEEP), [80])[0]
 * // → 0.25
 */
export function fittedSweep(sweep: Sweep, analysis: SweepAnalysis, places: readonly number[]): number[] {
  const { travel, reading } = sweep;
  let [from, to] = [Infinity, -Infinity];
  for (const at of travel) [from, to] = [Math.min(from, at), Math.max(to, at)];
  const { flat, sine } = analysis;
  // Counted from the first reading or from nothing: whichever leaves less.
  const candidates = (flat ? [from + flat.length, flat.length] : [from]).map((end) => {
    const shape = shapeOf(analysis, from, to - from, end);
    const left = Float64Array.from(travel, (at, i) => (reading[i] as number) - shape(at));
    const level = median(left);
    return { shape, left: left.map((value) => value - level), level };
  });
  const best = candidates.reduce((a, b) => (robustSpread(b.left) < robustSpread(a.left) ? b : a));
  const swing = sine ? swingOf(travel, best.left, sine.period) : () => 0;
  return places.map((at) => best.level + best.shape(at) + swing(at));
}

/** The swing of one period in what is left. */
function swingOf(travel: readonly number[], left: Float64Array, period: number): (at: number) => number {
  const turn = (2 * Math.PI) / period;
  let [sine, cosine] = [0, 0];
  travel.forEach((at, i) => {
    sine += (left[i] as number) * Math.sin(turn * at);
    cosine += (left[i] as number) * Math.cos(turn * at);
  });
  const each = 2 / travel.length;
  return (at) => each * (sine * Math.sin(turn * at) + cosine * Math.cos(turn * at));
}
