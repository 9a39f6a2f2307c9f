import { length, ratio as ratioFigure } from '../../figure/figure';
import type { Suspicion } from './mixUp';
import { findRatio, nearly, ratioText } from './standards';

/** Taper on radius where it is wanted on diameter, or the other way about: half or twice a standard, and none itself. */
export const radiusForDiameter: Suspicion = ({ ratio }, solved) => {
  if (ratio === undefined || findRatio((r) => nearly(ratio, r))) return null;
  for (const [times, what] of [
    [2, 'on radius'],
    [0.5, 'of both sides, counted twice'],
  ] as const) {
    const size = findRatio((r) => nearly(ratio * times, r, 0.0005));
    if (size)
      return {
        id: 'radius-for-diameter',
        field: 'ratio',
        said: [
          ratioFigure(ratio),
          ` is the taper ${what} of ${size.name}; on diameter it is `,
          ratioFigure(size.ratio),
          '.',
        ],
        cost: length(Math.abs(ratio - size.ratio) * solved.length, 0.001),
        offer: ratioText(size),
      };
  }
  return null;
};
