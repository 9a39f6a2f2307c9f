import { crossing } from './crossing';
import { below } from './normal';

/** Normal curves laid out one after another as share, mean and one over the deviation; the shares add to one. */
export type Curves = Float64Array;
/** Figures to a curve. */
export const CURVE = 3;

/** What is looked for between two ends is found to this part of the way. */
const FINE = 2 ** -16;
const LEAST_REACH = 0.002;
const MOST_REACH = 10;

export function chanceUnder(curves: Curves, level: number): number {
  let chance = 0;
  for (let i = 0; i < curves.length; i += CURVE)
    chance += (curves[i] as number) * below((level - (curves[i + 1] as number)) * (curves[i + 2] as number));
  return chance;
}

function meanOf(curves: Curves): number {
  let mean = 0;
  for (let i = 0; i < curves.length; i += CURVE) mean += (curves[i] as number) * (curves[i + 1] as number);
  return mean;
}

/** What one behaviour would leave, and how much it is believed. */
export interface Part {
  readonly share: number;
  readonly curves: Curves;
}

/** What may be left after a pass, mm on radius: what every behaviour would leave, side by side; their shares add to one. */
export class Landing {
  constructor(private readonly parts: readonly Part[]) {}

  /** Expected to be left. */
  get left(): number {
    return this.parts.reduce((sum, { share, curves }) => sum + share * meanOf(curves), 0);
  }

  /** Chance that less than this is left. */
  under(level: number): number {
    return this.parts.reduce((sum, { share, curves }) => sum + share * chanceUnder(curves, level), 0);
  }

  /** Chance that something is left, and no more than `tolerance`. */
  inside(tolerance: number): number {
    return this.under(tolerance) - this.under(0);
  }

  /** What is left is under this in the given part of cases. */
  quantile(part: number): number {
    const { left } = this;
    let reach = LEAST_REACH;
    while (this.under(left - reach) > part / 2 && reach < MOST_REACH) reach *= 2;
    while (1 - this.under(left + reach) > (1 - part) / 2 && reach < MOST_REACH) reach *= 2;
    const short = (level: number): number => part - this.under(level);
    return crossing(left - reach, left + reach, 2 * reach * FINE, short);
  }
}
