import type { RecordKind } from './every.generated';
import { BESIDE, OF_THE_CUT } from './flags.generated';

/**
 * Whether a kind of row is said of the piece as a whole, with no work done by it.
 *
 * @example
 * isBeside('note')
 * // → true
 */
export const isBeside = (kind: RecordKind): boolean => BESIDE.includes(kind);

/** Whether a kind of row is kept of a cut, and not of what is set before one. */
export const isOfTheCut = (kind: RecordKind): boolean => OF_THE_CUT.includes(kind);
