import { angle, length, ratio as ratioFigure } from '../../figure/figure';
import { halfAngleOf, ratioOf } from '../solve';
import type { Suspicion } from './mixUp';
import { angleText, findRatio, ratioText } from './standards';

/** Only where sine and tangent part by more than any rounding of the figure itself. */
const PART = 5e-4;
const SAME = 1e-4;

/** A half angle got by the sine where the tangent belongs, or a ratio made from the sine of a standard's half angle. */
export const sineForTangent: Suspicion = ({ halfAngle, ratio }, solved) => {
  if (halfAngle !== undefined) {
    const size = findRatio((r) => {
      const bySine = r < 2 ? Math.asin(r / 2) : Number.NaN;
      return bySine - halfAngleOf(r) > PART && Math.abs(halfAngle - bySine) < SAME;
    });
    if (size)
      return {
        id: 'sine-for-tangent',
        field: 'halfAngle',
        said: [
          angle(halfAngle),
          ` comes from ${size.name} by the sine; by the tangent it is `,
          angle(halfAngleOf(size.ratio)),
          '.',
        ],
        cost: length(Math.abs(ratioOf(halfAngle) - size.ratio) * solved.length, 0.001),
        offer: angleText(size),
      };
  }
  if (ratio !== undefined) {
    const size = findRatio((r) => {
      const bySine = 2 * Math.sin(halfAngleOf(r));
      return r - bySine > PART && Math.abs(ratio - bySine) < SAME;
    });
    if (size)
      return {
        id: 'sine-for-tangent',
        field: 'ratio',
        said: [
          ratioFigure(ratio),
          ` is twice the sine of ${size.name}’s half angle; the taper is twice the tangent, `,
          ratioFigure(size.ratio),
          '.',
        ],
        cost: length(Math.abs(ratio - size.ratio) * solved.length, 0.001),
        offer: ratioText(size),
      };
  }
  return null;
};
