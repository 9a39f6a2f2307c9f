import { AnelloError, type ErrorCode } from '@anello/core/basics';
import { plainText, type UnitSystem } from '@anello/core/figure';

/** What came of a computation, or what to say and at which field. */
export interface Tried<T> {
  readonly found: T | null;
  readonly said: string;
  readonly field: string | null;
  readonly code: ErrorCode | null;
}

export const NOTHING_TRIED: Tried<never> = { found: null, said: '', field: null, code: null };

/** Runs a computation of the core; what it refuses becomes a sentence in the screen's units. */
export function tried<T>(work: () => T, units: UnitSystem): Tried<T> {
  try {
    return { ...NOTHING_TRIED, found: work() };
  } catch (error) {
    if (!(error instanceof AnelloError)) throw error;
    return { found: null, said: plainText(error.phrase, units), field: error.field, code: error.code };
  }
}
