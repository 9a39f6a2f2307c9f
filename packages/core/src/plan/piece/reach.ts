import { other, type Placed } from './laid';
import type { Holding } from './line';
import type { Piece } from './piece';
import { SAME } from './usual';

type Held = Pick<Holding, 'grips' | 'toward'>;

/** Whether jaws cover any of an outside section. */
export const underJaws = ({ grips }: Held, section: Placed): boolean =>
  grips !== null &&
  section.side === 'external' &&
  section.z0 < grips.to - SAME &&
  section.z1 > grips.from + SAME;

/** Whether an outside section lies on the spindle's side of the jaws, where no tool comes. */
export const behindJaws = ({ grips, toward }: Held, section: Placed): boolean =>
  grips !== null &&
  section.side === 'external' &&
  (toward === 'tailstock' ? section.z1 <= grips.from + SAME : section.z0 >= grips.to - SAME);

/** Whether an indicator reaches a section: of the outside what stands out of the jaws on the free side, and a hole with no centre in it. */
export const needleReaches = (holding: Held & Pick<Holding, 'centre'>, section: Placed): boolean =>
  section.side === 'external'
    ? standsFree(holding, section)
    : section.from === holding.toward && !holding.centre;

const standsFree = ({ grips, toward }: Held, { z0, z1 }: Placed): boolean =>
  grips === null || (toward === 'tailstock' ? z1 > grips.to + SAME : z0 < grips.from - SAME);

/** How far the piece stands out of what holds it, mm; null where nothing grips it. */
export function standsOut(piece: Piece, { grips, toward }: Held): number | null {
  if (!grips) return null;
  const { spare, laid } = piece;
  return toward === 'tailstock' ? laid.length + spare.tailstock - grips.to : grips.from + spare.headstock;
}

/** The stretch between the jaws and the spindle's end of the piece, on its own z. */
export function behind(piece: Piece, { grips, toward }: Held): { from: number; to: number } | null {
  if (!grips) return null;
  const end = other(toward);
  return end === 'headstock'
    ? { from: -piece.spare.headstock, to: grips.from }
    : { from: grips.to, to: piece.laid.length + piece.spare.tailstock };
}
