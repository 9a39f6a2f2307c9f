import { length } from '../../figure/figure';
import { isTaper } from '../../part/kinds/is';
import type { Taper } from '../../part/kinds/taper';
import { solveTaperFeature } from '../../part/solveTaperFeature';
import type { Placed } from '../piece/laid';
import { impossible } from '../piece/line';
import type { Piece } from '../piece/piece';
import { CLEAR, FACING, MANDREL_HOLE, SELF_HOLDING } from '../piece/usual';
import type { KindOfHolding } from './kind';

/** A tapped hole takes a screwed one. */
const HOLDS: readonly string[] = ['bore', 'cylinder', 'taper', 'thread'];

/** In a steeper cone a mandrel that is pressed home lets go. */
const letsGo = (s: Placed): boolean =>
  isTaper(s) && solveTaperFeature(s.feature as Taper).halfAngle > SELF_HOLDING;

/** More than this past a face is bar, which no hole goes through. */
const STILL_BAR = FACING + CLEAR;

/** The finished hole a mandrel holds best in: the longest of those long enough for their width. */
export const holeForMandrel = (piece: Piece): Placed | undefined =>
  piece.laid.inside
    .filter(
      (s) =>
        HOLDS.includes(s.kind) &&
        piece.done.has(s.id) &&
        s.z1 - s.z0 >= MANDREL_HOLE * 2 * s.smallest &&
        !letsGo(s),
    )
    .sort((a, b) => b.z1 - b.z0 - (a.z1 - a.z0))[0];

export const mandrel: KindOfHolding = {
  by: 'mandrel',
  name: 'Mandrel',
  jaws: false,
  faceFree: false,
  onCentres: true,
  setOver: () => 30,
  minutes: 7,
  drawn: 'bar',
  // Its own centres are in the mandrel, not in the piece.
  centresIn: () => [],
  offers: () => [{ grips: null, on: null, centre: false }],
  clocks: holeForMandrel,
  lookFirst: ['Mandrel wiped, oiled and pressed home; its centres clean.'],
  caution: 'Pressed home with the cut pushing it on, never off.',
  say(piece) {
    const hole = holeForMandrel(piece);
    return hole
      ? [`On a mandrel in ${hole.feature.name}, `, length(2 * hole.smallest, 0.01), ' across']
      : ['On a mandrel'];
  },
  wrong(piece) {
    if (!holeForMandrel(piece))
      return [impossible('not-held', ['It has no finished hole yet that a mandrel would hold in.'])];
    return Object.values(piece.spare).some((over) => over > STILL_BAR)
      ? [impossible('not-held', ['Its bar still stands in the way of a mandrel: it is parted off first.'])]
      : [];
  },
};
