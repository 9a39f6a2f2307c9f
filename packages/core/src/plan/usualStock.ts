import { AnelloError } from '../basics/error';
import { outsideDiameter, type PartLayout } from '../part/layout';
import type { Stock } from './piece/line';
import { FACING, goodGrip, PARTING_ROOM, TO_TURN, BAR_STEP } from './piece/usual';

/**
 * A round bar for a part where the drawing names none: the next even size that leaves something to turn, long enough to
 * be held beside the part and parted off. Errors: underdetermined while the part has no outside.
 *
 * @example
 * usualStock(layoutPart(SHANK_PART)).across
 * // → 32
 */
export function usualStock(layout: PartLayout): Stock {
  const diameter = outsideDiameter(layout);
  if (diameter === null)
    throw new AnelloError('underdetermined', 'features', 'The part needs an outside before a bar is chosen.');
  const offset = Math.max(0, ...layout.sections.map((s) => Math.abs(s.offset)));
  const across = BAR_STEP * Math.ceil((diameter + 2 * offset + TO_TURN) / BAR_STEP);
  return {
    shape: 'round',
    across,
    length: Math.ceil(layout.length + 2 * FACING + PARTING_ROOM + goodGrip(across)),
  };
}
