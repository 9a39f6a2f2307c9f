import { length } from '../../figure/figure';
import { solveTaperFeature } from '../../part/solveTaperFeature';
import type { Taper } from '../../part/kinds/taper';
import { other, type Placed } from '../piece/laid';
import { impossible, risk, type Holding, type Wrong } from '../piece/line';
import { outsideRadii, type Piece } from '../piece/piece';
import { hasSocket } from '../piece/sockets';
import { leastGrip, SAME, SELF_HOLDING } from '../piece/usual';
import { standOutWrong } from './jaws';
import { atFreeEnd, type KindOfHolding } from './kind';
import { isTaper, isThread } from '../../part/kinds/is';

/** The finished outside taper that a piece can be held by with this end toward the tailstock, if it has one. */
export const heldByTaper = (piece: Piece, { toward }: Pick<Holding, 'toward'>): Placed | undefined =>
  piece.laid.outside.find(
    (s) => isTaper(s) && (s.feature as Taper).largeEnd === toward && piece.done.has(s.id),
  );

/** The thread that draws it home: inside, opening at the small end. */
const drawbarThread = (piece: Piece, toward: Holding['toward']): Placed | undefined =>
  piece.laid.inside.find((s) => isThread(s) && s.from === other(toward));

function wrong(piece: Piece, holding: Holding): Wrong[] {
  const taper = heldByTaper(piece, holding);
  if (!taper)
    return [
      impossible('not-held', [
        `It has no finished taper with its large end toward the ${holding.toward} end, to be held by.`,
      ]),
    ];
  const { laid } = piece;
  const found: Wrong[] = [];
  const [from, to] = holding.toward === 'tailstock' ? [0, taper.z0] : [taper.z1, laid.length];
  if (to - from > SAME && outsideRadii(piece, from, to).largest > taper.smallest + SAME)
    found.push(
      impossible('jaws-too-wide', [
        'What lies behind its taper is thicker than the taper: the spindle does not take it.',
      ]),
    );
  const thread = drawbarThread(piece, holding.toward);
  if (thread && !piece.done.has(thread.id))
    found.push(
      impossible('no-drawbar', [
        `${thread.feature.name} is not cut yet: there is nothing to draw it home by.`,
      ]),
    );
  if (!thread && solveTaperFeature(taper.feature as Taper).halfAngle > SELF_HOLDING)
    found.push(
      impossible('no-drawbar', [
        'A taper as steep as this does not hold by itself, and it has no thread to be drawn home by.',
      ]),
    );
  const [long, least] = [taper.z1 - taper.z0, leastGrip(2 * taper.smallest)];
  if (long < least - SAME)
    found.push(
      risk('short-grip', [
        'Its taper is ',
        length(long, 0.1),
        ' long: ',
        length(least, 0.1),
        ' at least, or it works loose.',
      ]),
    );
  return [...found, ...standOutWrong(piece, holding, 2 * taper.largest)];
}

/** No spindle and no sleeve is to be had that takes it. */
function makesFirst(piece: Piece, holding: Pick<Holding, 'toward'>): boolean {
  const taper = heldByTaper(piece, holding);
  return taper !== undefined && !hasSocket(solveTaperFeature(taper.feature as Taper));
}

export const ownTaper: KindOfHolding = {
  by: 'own-taper',
  name: 'Own taper',
  jaws: false,
  faceFree: true,
  onCentres: false,
  makesFirst,
  setOver: () => null,
  minutes: 6,
  drawn: () => 'socket',
  drawbar: (piece, { toward }) => drawbarThread(piece, toward),
  centresIn: atFreeEnd,
  offers(piece, toward) {
    const taper = heldByTaper(piece, { toward });
    return taper ? [{ grips: { from: taper.z0, to: taper.z1 }, on: null, centre: false }] : [];
  },
  keepsAxis: (piece, holding) => heldByTaper(piece, holding) !== undefined,
  lookFirst: ['Socket and shank wiped dry; a bruise on either is felt with a finger first.'],
  caution: 'Never spin it with the drawbar loose.',
  say(piece, holding) {
    const taper = heldByTaper(piece, holding);
    const drawn = drawbarThread(piece, holding.toward) ? ', drawn home by its drawbar thread' : '';
    const socket = makesFirst(piece, holding) ? 'In a socket made to it, by' : 'In the spindle by';
    return [`${socket} ${taper?.feature.name ?? 'its own taper'}${drawn}`];
  },
  wrong,
};
