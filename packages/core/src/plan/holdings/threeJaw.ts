import { impossible, type Holding } from '../piece/line';
import { outsideRadii, type Piece } from '../piece/piece';
import { SAME } from '../piece/usual';
import { hasChuck } from './chucks';
import { jawsWrong, sayJaws } from './jaws';
import { atFreeEnd, closing, type KindOfHolding } from './kind';

/** Whether any of what the jaws close on is still as the bar came. */
const onBar = (piece: Piece, { grips }: Holding): boolean =>
  grips !== null && outsideRadii(piece, grips.from, grips.to).largest >= piece.laid.barRadius - SAME;

export const threeJaw: KindOfHolding = {
  by: 'three-jaw',
  name: 'Three-jaw',
  jaws: true,
  faceFree: true,
  onCentres: false,
  eccentricWay: 'packing',
  setOver: () => 25,
  minutes: 4,
  centresIn: atFreeEnd,
  offers({ laid: { part } }, _toward, spots) {
    const square = part.stock.shape === 'square';
    return spots
      .filter(({ on, diameter }) =>
        on === 'finished' ? !hasChuck(part.lathe, 'collet', diameter) : on === 'off-axis' || !square,
      )
      .map(closing);
  },
  lookFirst: ['Jaws and work wiped, the work pushed home and nipped at two of the key’s places.'],
  caution: 'Chuck key out before the spindle turns.',
  say: (piece, holding) => sayJaws('In the three-jaw', piece, holding),
  wrong: (piece, holding) => [
    ...(piece.laid.part.stock.shape === 'square' && onBar(piece, holding)
      ? [impossible('not-round', ['Three jaws do not close on a square bar.'])]
      : []),
    ...jawsWrong(piece, holding),
  ],
};
