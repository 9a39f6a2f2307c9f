/** One way the tool may be behaving, and how much it is believed. */
export interface ToolHypothesis {
  /** Part of what is asked that is cut at once: the rest springs back and is there for the next pass. */
  readonly gain: number;
  /** Scatter of one cut, mm on radius. */
  readonly scatter: number;
  /** How much further off than the dial says the tool stands at first: lash not taken up, a touch felt late. mm. */
  readonly offset: number;
  /** Plus or minus of that. */
  readonly offsetSpread: number;
  readonly weight: number;
}

/** A tool cuts from half of what is asked to a little more than all of it, by a dial that lies. */
const GAIN_FROM = 0.5;
const GAIN_TO = 1.02;
const GAIN_STEP = 0.02;
const SCATTERS = [0.0006, 0.0012, 0.0025, 0.005] as const;
const SCATTER_BELIEF = [1, 1, 0.8, 0.12] as const;
/** Touches are felt near; lash is met in near half of all starts, never less than none, up to what a worn screw has. */
const STARTS = [
  { offset: 0, offsetSpread: 0.004, belief: 0.55 },
  { offset: 0.012, offsetSpread: 0.005, belief: 0.12 },
  { offset: 0.024, offsetSpread: 0.006, belief: 0.1 },
  { offset: 0.038, offsetSpread: 0.007, belief: 0.09 },
  { offset: 0.055, offsetSpread: 0.009, belief: 0.08 },
  { offset: 0.08, offsetSpread: 0.014, belief: 0.06 },
] as const;

const gains: readonly number[] = Array.from(
  { length: Math.round((GAIN_TO - GAIN_FROM) / GAIN_STEP) + 1 },
  (_, i) => GAIN_FROM + i * GAIN_STEP,
);
/** Very springy tools are rarer. */
const gainBelief = (gain: number): number => (gain > 1 ? 0.5 : Math.min(1, (gain - 0.45) / 0.2));

/** Every hypothesis, its weights adding to one. */
export const TOOL_HYPOTHESES: readonly ToolHypothesis[] = normalised(
  gains.flatMap((gain) =>
    SCATTERS.flatMap((scatter, s) =>
      STARTS.map(({ offset, offsetSpread, belief }) => ({
        gain,
        scatter,
        offset,
        offsetSpread,
        weight: gainBelief(gain) * (SCATTER_BELIEF[s] ?? 0) * belief,
      })),
    ),
  ),
);

export function normalised<T extends { readonly weight: number }>(all: readonly T[]): T[] {
  const whole = all.reduce((sum, one) => sum + one.weight, 0);
  return all.map((one) => ({ ...one, weight: one.weight / whole }));
}
