import { jawsWrong, sayJaws } from './jaws';
import type { KindOfHolding } from './kind';

export const fourJaw: KindOfHolding = {
  by: 'four-jaw',
  name: 'Four-jaw',
  jaws: true,
  faceFree: true,
  onCentres: false,
  eccentricWay: 'four-jaw',
  setOver: () => 10,
  minutes: 12,
  caution: 'Chuck key out before the spindle turns; every jaw home.',
  say: (piece, holding) => sayJaws('In the four-jaw', piece, holding),
  wrong: jawsWrong,
};
