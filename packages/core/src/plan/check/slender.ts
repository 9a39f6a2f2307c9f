import { count, length } from '../../figure/figure';
import type { KindOfOperation } from '../operations/kind';
import { hangs } from '../piece/hang';
import { neckOf } from '../piece/neck';
import type { Placed } from '../piece/laid';
import { risk, type Holding, type Wrong } from '../piece/line';
import { outsideRadii, type Piece } from '../piece/piece';
import { LEAST_NECK, MOST_STAND_OUT, SAME } from '../piece/usual';

type Held = Pick<Holding, 'grips' | 'toward' | 'centre'>;

/**
 * A feature that, as it is finished, hangs by more diameters of something thinner than where it is held than stand out
 * without a centre, or is itself a neck that twists off. What stands out of the jaws by too much as a whole is the holding's own to say.
 */
export function slender(after: Piece, holding: Held, section: Placed): Wrong[] {
  const { grips } = holding;
  if (!after.laid.outside.includes(section)) return [];
  const twists = twistsOff(after, holding, section);
  if (twists.length > 0) return twists;
  if (!grips) return [];
  const held = 2 * outsideRadii(after, grips.from, grips.to).largest;
  const hang = hangs(after, holding, section, held - SAME);
  if (!hang || hang.out <= MOST_STAND_OUT * hang.diameter + SAME) return [];
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

/** A neck too thin for the cut on what it carries, which a centre at the far end does not turn. */
function twistsOff(after: Piece, holding: Held, section: Placed): Wrong[] {
  const neck = neckOf(after, holding, section);
  if (!neck || neck.diameter >= LEAST_NECK * neck.carries) return [];
  return [
    risk('twists-off', [
      `${section.feature.name} narrows to `,
      length(neck.diameter, 0.1),
      ' between the jaws and ',
      length(neck.carries, 0.1),
      ' that hangs on it: it twists off there. It is cut from the other end, or with the parting.',
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
