import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import type { Lathe } from '../../machine/lathe';
import { acrossCorners, type Stock } from './line';
import { SAME } from './usual';

/** Why something this far across does not go into a lathe's spindle; null where it does, or nobody measured the spindle. */
export function acrossRefused({ spindle, name }: Lathe, across: number): Phrase | null {
  const bore = spindle?.bore;
  return bore === undefined || across <= bore + SAME
    ? null
    : [length(across, 0.1), ` does not go through the spindle of the ${name}, which is `, length(bore, 0.1)];
}

/** The same of a bar, by its corners. */
export const spindleRefuses = (lathe: Lathe, stock: Stock): Phrase | null =>
  acrossRefused(lathe, acrossCorners(stock));
