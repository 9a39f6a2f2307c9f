import { length } from '../../figure/figure';
import { isCylinder, isTaper, isThread } from '../../part/kinds/is';
import { nearFrom } from '../piece/laid';
import { onTheWay, standing } from '../piece/piece';
import { SAME } from '../piece/usual';
import type { Check } from './kind';

/** Work that stands higher between what is turned and the face: a right-hand tool does not come past it. */
export const behindShoulder: Check = {
  id: 'behind-shoulder',
  say({ kind, section, moment: { piece, holding } }) {
    if (!section || section.side !== 'external' || !kind.cuts) return null;
    if (!isCylinder(section) && !isThread(section) && !isTaper(section)) return null;
    const { laid } = piece;
    const { toward } = holding;
    if (onTheWay(piece, section, toward).length > 0) return null;
    const before = laid.outside.filter(
      (one) => nearFrom(laid, one, toward) < nearFrom(laid, section, toward) - SAME,
    );
    const higher = Math.max(0, ...before.map((one) => standing(piece, one))) - section.largest;
    return higher <= SAME
      ? null
      : [
          'The work stands ',
          length(higher, 0.1),
          ' higher between it and the face: a grooving tool plunged in beside it, or a left-hand tool.',
        ];
  },
};
