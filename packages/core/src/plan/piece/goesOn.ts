import type { Holding } from './line';
import { SAME } from './usual';

export type Jaws = Pick<Holding, 'by' | 'grips' | 'toward'>;

/** Whether two holdings are one closing of the jaws, or of a collet. */
export const sameJaws = (a: Jaws, b: Jaws): boolean =>
  a.by === b.by &&
  a.toward === b.toward &&
  a.grips !== null &&
  b.grips !== null &&
  Math.abs(a.grips.from - b.grips.from) <= SAME &&
  Math.abs(a.grips.to - b.grips.to) <= SAME;

/**
 * Whether a holding goes on in the jaws of the one before it: they are not opened between, a centre is brought up or drawn
 * back, and a piece is not taken out. Lengths in mm.
 *
 * @example
 * planPart(PLANNED).holdings.map((one) => goesOn(one, { ...one, centre: true }))
 * // → [false, true]
 */
export const goesOn = (before: Holding, holding: Holding): boolean =>
  sameJaws(before, holding) && before.operations.every(({ kind }) => kind !== 'part-off');
