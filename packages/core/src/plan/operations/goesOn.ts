import type { Holding } from '../piece/line';
import type { Piece } from '../piece/piece';
import { SAME } from '../piece/usual';
import { kindOfOperation } from './registry';

type Jaws = Pick<Holding, 'by' | 'grips' | 'toward'>;
type Worked = Pick<Holding, 'operations'>;

/** Whether two holdings are one closing of the jaws, or of a collet. */
const sameJaws = (a: Jaws, b: Jaws): boolean =>
  a.by === b.by &&
  a.toward === b.toward &&
  a.grips !== null &&
  b.grips !== null &&
  Math.abs(a.grips.from - b.grips.from) <= SAME &&
  Math.abs(a.grips.to - b.grips.to) <= SAME;

/** Whether the work is moved in its jaws for something off the axis: they are closed anew, and once more after it. */
const setsOver = ({ operations }: Worked): boolean =>
  operations.some(({ kind }) => kindOfOperation(kind).setsOver);

/** What has the piece still when a holding is done: nothing once it is parted off, or was set over. */
export const heldAfter = (holding: Holding): Holding | null =>
  setsOver(holding) || holding.operations.some(({ kind }) => kindOfOperation(kind).leavesIt === 'parted')
    ? null
    : holding;

/** Whether it is held on as it was, in jaws that nobody opened: what was true in them is true. */
export const heldOn = ({ held }: Pick<Piece, 'held'>, holding: Jaws & Partial<Worked>): boolean =>
  held !== null && sameJaws(held, holding) && !setsOver({ operations: holding.operations ?? [] });

/**
 * Whether a holding goes on in the jaws of the one before it: they are not opened between, a centre is brought up or drawn
 * back, and a piece is not taken out. Lengths in mm.
 *
 * @example
 * planPart(PLANNED).holdings.map((one) => goesOn(one, { ...one, centre: true }))
 * // → [false, true]
 */
export const goesOn = (before: Holding, holding: Holding): boolean =>
  heldOn({ held: heldAfter(before) }, holding);
