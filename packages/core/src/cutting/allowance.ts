import { positive } from '../basics/check';
import { reamingStock } from './ream';
import { USUAL_PASSES, LEFT_TO_GRIND, LEFT_TO_POLISH } from './usual';

/** What stock is left on for. */
export const ALLOWANCE_FOR = ['try', 'ream', 'grind', 'polish'] as const;
export type AllowanceFor = (typeof ALLOWANCE_FOR)[number];

/**
 * Stock to leave on diameter (mm) for what comes next at a diameter (mm): a try with its corrections, a reamer, grinding
 * after hardening, or polish alone. Errors: out-of-range. Source: rules of the trade.
 *
 * @example
 * allowanceFor('grind', 24)
 * // → 0.272
 */
export function allowanceFor(next: AllowanceFor, diameter: number): number {
  positive(diameter, 'diameter', 'The diameter');
  const by: Readonly<Record<AllowanceFor, () => number>> = {
    try: () => USUAL_PASSES.allowance,
    ream: () => reamingStock(diameter),
    grind: () => LEFT_TO_GRIND.least + LEFT_TO_GRIND.bySize * diameter,
    polish: () => LEFT_TO_POLISH,
  };
  return by[next]();
}
