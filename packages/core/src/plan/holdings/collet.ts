import { impossible } from '../piece/line';
import { outsideRadii } from '../piece/piece';
import { SAME } from '../piece/usual';
import { hasChuck } from './chucks';
import { jawsWrong, sayJaws } from './jaws';
import { atFreeEnd, closing, type KindOfHolding } from './kind';

export const collet: KindOfHolding = {
  by: 'collet',
  name: 'Collet',
  jaws: true,
  closesAllRound: true,
  faceFree: true,
  onCentres: false,
  setOver: () => null,
  minutes: 3,
  centresIn: atFreeEnd,
  offers: ({ laid }, _toward, spots) =>
    spots
      .filter(({ on, diameter }) => on === 'finished' && hasChuck(laid.part.lathe, 'collet', diameter))
      .map(closing),
  lookFirst: ['Collet and work wiped; the bar within the collet’s own size.'],
  caution: 'A collet closes on its own size only: never on a larger or a smaller one.',
  say: (piece, holding) => sayJaws('In a collet', piece, holding),
  wrong(piece, holding) {
    const { grips } = holding;
    const held = grips ? outsideRadii(piece, grips.from, grips.to) : null;
    const parallel = held !== null && held.largest - held.smallest <= SAME;
    return [
      ...(parallel && (piece.laid.part.stock.shape === 'round' || held.largest < piece.laid.barRadius - SAME)
        ? []
        : [impossible('not-round', ['A collet closes on one round diameter, and here there is none.'])]),
      ...jawsWrong(piece, holding),
    ];
  },
};
