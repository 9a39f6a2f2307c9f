import { positive } from '../basics/check';
import { reamingStock } from './ream';

/** What stock is left on for. */
export const ALLOWANCE_FOR = ['try', 'ream', 'grind', 'polish'] as const;
export type AllowanceFor = (typeof ALLOWANCE_FOR)[number];

const TRY = 0.08;
const GRIND_LEAST = 0.2;
const GRIND_BY_SIZE = 0.003;
const POLISH = 0.01;

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
    try: () => TRY,
    ream: () => reamingStock(diameter),
    grind: () => GRIND_LEAST + GRIND_BY_SIZE * diameter,
    polish: () => POLISH,
  };
  return by[next]();
}
