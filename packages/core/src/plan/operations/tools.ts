import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';

/** Micrometers come in steps of this, mm. */
const STEP = 25;

/** The micrometer that measures an outside diameter. */
export function micrometer(diameter: number): Phrase {
  const from = Math.floor(diameter / STEP) * STEP;
  return ['Micrometer ', length(from, 1), ' to ', length(from + STEP, 1)];
}

/** What measures a hole: pins or a caliper in a small one, a bore gauge in one that is wide enough. */
export const boreGauge = (diameter: number): Phrase =>
  diameter < SMALL_HOLE
    ? ['Small-hole gauge, and its micrometer']
    : ['Bore gauge or telescopic gauge for ', length(diameter, 0.1)];
const SMALL_HOLE = 8;
