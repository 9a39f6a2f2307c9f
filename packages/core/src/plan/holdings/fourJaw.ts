import { hasChuck } from './chucks';
import { jawsWrong, sayJaws } from './jaws';
import { atFreeEnd, closing, type KindOfHolding } from './kind';
import { isEccentric } from '../../part/kinds/is';

export const fourJaw: KindOfHolding = {
  by: 'four-jaw',
  name: 'Four-jaw',
  jaws: true,
  faceFree: true,
  onCentres: false,
  eccentricWay: 'four-jaw',
  setOver: () => 10,
  minutes: 12,
  centresIn: atFreeEnd,
  offers({ laid, done }, _toward, spots) {
    const { lathe, stock } = laid.part;
    const setOver = laid.sections.some((s) => isEccentric(s) && !done.has(s.id));
    return spots
      .filter(({ on, diameter }) => {
        if (on === 'off-axis') return false;
        if (on !== 'finished' && stock.shape === 'square') return true;
        return (on === 'finished' || setOver) && hasChuck(lathe, 'four-jaw', diameter);
      })
      .map(closing);
  },
  lookFirst: ['All four jaws nipped by opposite pairs after it is clocked, and clocked once more.'],
  caution: 'Chuck key out before the spindle turns; every jaw home.',
  say: (piece, holding) => sayJaws('In the four-jaw', piece, holding),
  wrong: jawsWrong,
};
