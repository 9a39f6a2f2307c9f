import { length } from '../../figure/figure';
import { isTaper } from '../../part/kinds/is';
import type { Taper } from '../../part/kinds/taper';
import { solveTaperFeature } from '../../part/solveTaperFeature';
import { other, type Placed } from '../piece/laid';
import { impossible, risk, type Holding, type Wrong } from '../piece/line';
import { outsideRadii, shapeAt, type Piece } from '../piece/piece';
import {
  CLEAR,
  FACING,
  MANDREL_HOLE,
  MOST_BETWEEN,
  MOST_OVER_MANDREL,
  MOST_STAND_OUT,
  SAME,
  SELF_HOLDING,
} from '../piece/usual';
import { featureKind } from '../../part/kinds/registry';
import type { KindOfHolding } from './kind';

/** In a steeper cone a mandrel that is pressed home lets go. */
const letsGo = (s: Placed): boolean =>
  isTaper(s) && solveTaperFeature(s.feature as Taper).halfAngle > SELF_HOLDING;

/** More than this past a face is bar, which no hole goes through. */
const STILL_BAR = FACING + CLEAR;

/** Whether there is a way through the part from face to face, as it stands. */
function isThrough(piece: Piece): boolean {
  const { laid } = piece;
  const open = laid.inside.filter((s) => shapeAt(piece, s) !== null);
  return open.reduce((sum, s) => sum + (s.z1 - s.z0), 0) >= laid.length - SAME;
}

type Turned = Pick<Holding, 'toward'>;

/** Diameters of a mandrel that a part may be long on it: between centres, and on a stub that stands out of the spindle. */
const mostOn = (piece: Piece): number => (isThrough(piece) ? MOST_BETWEEN : MOST_STAND_OUT);

const isStout = (piece: Piece, hole: Placed): boolean =>
  piece.laid.length <= mostOn(piece) * 2 * hole.smallest + SAME;

/**
 * The finished hole a mandrel holds best in, of those long enough for their width: one stout enough for the part, and of
 * those the longest. From face to face it stands between centres; into a blind hole a stub goes from the spindle's side.
 */
export function holeForMandrel(piece: Piece, { toward }: Turned): Placed | undefined {
  const through = isThrough(piece);
  const worth = (s: Placed): number => (isStout(piece, s) ? piece.laid.length : 0) + s.z1 - s.z0;
  return piece.laid.inside
    .filter(
      (s) =>
        featureKind(s.kind).runsTrue === true &&
        piece.done.has(s.id) &&
        s.z1 - s.z0 >= MANDREL_HOLE * 2 * s.smallest &&
        (through || s.from === other(toward)) &&
        !letsGo(s),
    )
    .sort((a, b) => worth(b) - worth(a))[0];
}

function wrong(piece: Piece, holding: Turned): Wrong[] {
  const hole = holeForMandrel(piece, holding);
  if (!hole) return [impossible('not-held', ['It has no finished hole yet that a mandrel would hold in.'])];
  if (Object.values(piece.spare).some((over) => over > STILL_BAR))
    return [
      impossible('not-held', ['Its bar still stands in the way of a mandrel: it is parted off first.']),
    ];
  return [...bends(piece, hole), ...slips(piece, hole)];
}

function bends(piece: Piece, hole: Placed): Wrong[] {
  if (isStout(piece, hole)) return [];
  return [
    risk('slender', [
      'It is ',
      length(piece.laid.length, 1),
      ' long on a mandrel of ',
      length(2 * hole.smallest, 0.1),
      ': the mandrel bends, and the work goes with it.',
    ]),
  ];
}

function slips(piece: Piece, hole: Placed): Wrong[] {
  const { largest } = outsideRadii(piece, 0, piece.laid.length);
  if (largest <= MOST_OVER_MANDREL * hole.smallest + SAME) return [];
  return [
    risk('short-grip', [
      'It is ',
      length(2 * largest, 1),
      ' across on a mandrel of ',
      length(2 * hole.smallest, 0.1),
      ': it slips under a cut. Draw it up by a nut, and light cuts.',
    ]),
  ];
}

export const mandrel: KindOfHolding = {
  by: 'mandrel',
  name: 'Mandrel',
  jaws: false,
  faceFree: false,
  onCentres: true,
  setOver: () => 30,
  minutes: 7,
  drawn: (piece) => (isThrough(piece) ? 'bar' : undefined),
  // A stub comes out of the spindle into the hole it holds in.
  drawbar: (piece, holding) => (isThrough(piece) ? undefined : holeForMandrel(piece, holding)),
  // Its own centres are in the mandrel, not in the piece.
  centresIn: () => [],
  offers: () => [{ grips: null, on: null, centre: false }],
  clocks: holeForMandrel,
  lookFirst: ['Mandrel wiped, oiled and pressed home; its centres clean.'],
  caution: 'Pressed home with the cut pushing it on, never off.',
  say(piece, holding) {
    const hole = holeForMandrel(piece, holding);
    const what = isThrough(piece) ? 'a mandrel' : 'a stub mandrel';
    return hole
      ? [`On ${what} in ${hole.feature.name}, `, length(2 * hole.smallest, 0.01), ' across']
      : ['On a mandrel'];
  },
  wrong,
};
