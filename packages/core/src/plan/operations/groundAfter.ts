import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { limitsOf } from '../../part/limitsOf';
import type { Laid, Placed } from '../piece/laid';
import { CLOSE, SAME, TO_GRIND_BAND } from '../piece/usual';
import { attempted } from './attempted';
import { sizeSaid } from './sizeSaid';
import { allowanceFor } from '../../cutting/allowance';
import { snap } from '../../figure/round';

/** Stock left on a diameter to be ground when it is hard, mm: to the hundredth, as it is said. */
export const toGrind = (diameter: number): number => snap(allowanceFor('grind', diameter), 0.01);

export interface GroundAfter {
  /** What it is turned or bored to first, mm on diameter. */
  readonly least: number;
  readonly most: number;
  /** What it is ground to when it is hard. */
  readonly ground: { readonly least: number; readonly most: number };
}

/**
 * What a seat of a piece that is hardened is turned or bored to: it grows and moves in the fire, so that what is to fit is
 * ground when it is hard, and stock is left on for that. Null where nothing is.
 */
export function groundAfter({ part }: Laid, section: Placed): GroundAfter | null {
  if (part.harden === undefined) return null;
  const limits = attempted(() => limitsOf(section.feature));
  if (!limits || limits.by === 'general' || limits.most - limits.least > CLOSE + SAME) return null;
  const { least, most } = limits;
  const left = toGrind(most);
  const [inner, outer] = [left - TO_GRIND_BAND / 2, left + TO_GRIND_BAND / 2];
  return {
    ...(section.side === 'external'
      ? { least: most + inner, most: most + outer }
      : { least: least - outer, most: least - inner }),
    ground: { least, most },
  };
}

/** A diameter as it is turned or bored: with the stock that is left on to be ground, where it is. */
export function cutSaid(laid: Laid, section: Placed): Phrase {
  const after = groundAfter(laid, section);
  if (!after) return sizeSaid(section);
  const { least, most } = after;
  return [
    '⌀',
    length((least + most) / 2, 0.01),
    ' (',
    length(least, 0.01, { bare: true }),
    ' to ',
    length(most, 0.01),
    ')',
  ];
}

/** What is done to it when it is hard, as the end of a sentence; nothing where nothing is. */
export function groundSaid(laid: Laid, section: Placed): Phrase {
  const after = groundAfter(laid, section);
  if (!after) return [];
  const { least, most } = after.ground;
  return [
    ', then ground to ',
    length(least, 0.001, { bare: true }),
    ' to ',
    length(most, 0.001),
    ' when it is hard',
  ];
}
