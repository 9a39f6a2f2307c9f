import { count, length } from '../../figure/figure';
import type { KindOfOperation } from '../operations/kind';
import { hangs } from '../piece/hang';
import type { Placed } from '../piece/laid';
import { risk, type Holding, type Wrong } from '../piece/line';
import { outsideRadii, type Piece } from '../piece/piece';
import { MOST_STAND_OUT, SAME } from '../piece/usual';

type Held = Pick<Holding, 'grips' | 'toward' | 'centre'>;

/**
 * A feature that, as it is finished, hangs by more diameters of something thinner than where it is held than stand out
 * without a centre. What stands out of the jaws by too much as a whole is the holding's own to say.
 */
export function slender(after: Piece, holding: Held, section: Placed): Wrong[] {
  const { grips } = holding;
  if (!after.laid.outside.includes(section)) return [];
  const hang = hangs(after, holding, section);
  if (!grips || !hang || hang.out <= MOST_STAND_OUT * hang.diameter + SAME) return [];
  if (hang.diameter >= 2 * outsideRadii(after, grips.from, grips.to).smallest - SAME) return [];
  return [
    risk('slender', [
      `${section.feature.name}: `,
      length(hang.out, 1),
      ' hangs by ',
      length(hang.diameter, 0.1),
      ', ',
      count(hang.out / hang.diameter, 0.1),
      ' of its diameters, with no centre: it springs away from the tool.',
    ]),
  ];
}

/** The same of an operation, once the piece stands as it leaves it. */
export const slenderWrong = (
  kind: KindOfOperation,
  after: Piece,
  holding: Held,
  section: Placed | null,
): Wrong[] =>
  section && kind.cuts && !kind.away && kind.finishes(after.laid, section)
    ? slender(after, holding, section)
    : [];
