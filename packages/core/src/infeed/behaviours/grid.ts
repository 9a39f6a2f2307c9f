import { normalised, type Jump, type Tool, NO_JUMP } from './behaviour';

interface Believed {
  readonly value: number;
  readonly weight: number;
}

/** A tool cuts from half of what is asked to a little more than all of it, by a dial that lies; very springy ones are rarer. */
const believedGain = (gain: number): Believed => ({
  value: gain,
  weight: gain > 1 ? 0.5 : Math.min(1, (gain - 0.45) / 0.2),
});
export const FINE_GAINS: readonly Believed[] = [
  0.52, 0.57, 0.62, 0.67, 0.72, 0.77, 0.82, 0.87, 0.91, 0.95, 0.985, 1.015,
].map(believedGain);
export const GAINS: readonly Believed[] = [0.55, 0.65, 0.75, 0.85, 0.93, 1].map(believedGain);

export const FEW_GAINS: readonly Believed[] = [0.62, 0.78, 0.9, 1].map(believedGain);

export const FINE_SCATTERS: readonly Believed[] = [
  { value: 0.0005, weight: 1 },
  { value: 0.001, weight: 1 },
  { value: 0.002, weight: 1 },
  { value: 0.0035, weight: 0.5 },
];
export const SCATTERS: readonly Believed[] = [
  { value: 0.0008, weight: 1.2 },
  { value: 0.0022, weight: 1 },
];

export interface Start extends Believed {
  readonly spread: number;
}
/** Touches are felt near; lash is met in near half of all starts, never less than none, up to what a worn screw has. */
export const STARTS: readonly Start[] = [
  { value: 0, spread: 0.003, weight: 0.56 },
  { value: 0.01, spread: 0.004, weight: 0.11 },
  { value: 0.021, spread: 0.0045, weight: 0.1 },
  { value: 0.033, spread: 0.005, weight: 0.09 },
  { value: 0.047, spread: 0.006, weight: 0.08 },
  { value: 0.068, spread: 0.01, weight: 0.06 },
];
export const FEW_STARTS: readonly Start[] = [
  { value: 0, spread: 0.003, weight: 0.6 },
  { value: 0.015, spread: 0.007, weight: 0.2 },
  { value: 0.045, spread: 0.014, weight: 0.2 },
];

/** Anywhere from a touch to a good lash. */
export const ONE_START: readonly Start[] = [
  { value: 0, spread: 0.004, weight: 0.5 },
  { value: 0.03, spread: 0.016, weight: 0.5 },
];

export interface Grid {
  readonly gains?: readonly Believed[];
  readonly scatters?: readonly Believed[];
  readonly starts?: readonly Start[];
  readonly wears?: readonly Believed[];
  readonly dial?: number;
  readonly jumps?: readonly (readonly Jump[])[];
}

const NO_WEAR: readonly Believed[] = [{ value: 0, weight: 1 }];

/** Every tool that the figures of a grid make together, weighed by how believable each figure is. */
export function toolsOf({
  gains = GAINS,
  scatters = SCATTERS,
  starts = FEW_STARTS,
  wears = NO_WEAR,
  dial = 1,
  jumps = [NO_JUMP],
}: Grid): Tool[] {
  return normalised(
    gains.flatMap((gain) =>
      scatters.flatMap((scatter) =>
        starts.flatMap((start) =>
          wears.flatMap((wear) =>
            jumps.map((jump) => ({
              gain: gain.value,
              scatter: scatter.value,
              offset: start.value,
              offsetSpread: start.spread,
              dial,
              wear: wear.value,
              jumps: jump,
              weight: gain.weight * scatter.weight * start.weight * wear.weight,
            })),
          ),
        ),
      ),
    ),
  );
}
