import { angle, length } from '../../figure/figure';
import { halfAngleOf, ratioOf } from '../solve';
import type { Suspicion } from './mixUp';
import { angleText, findRatio, nearly } from './standards';

/** An included angle in the half angle's box: twice a standard's half angle, and no standard itself. */
export const includedForHalf: Suspicion = ({ halfAngle }, solved) => {
  if (halfAngle === undefined) return null;
  if (findRatio((r) => nearly(halfAngle, halfAngleOf(r)))) return null;
  const half = findRatio((r) => nearly(halfAngle / 2, halfAngleOf(r)));
  if (!half) return null;
  return {
    id: 'included-for-half',
    field: 'halfAngle',
    said: [
      angle(halfAngle),
      ` is the included angle of ${half.name}; its half angle is `,
      angle(halfAngleOf(half.ratio)),
      '.',
    ],
    cost: length(Math.abs(ratioOf(halfAngle) - half.ratio) * solved.length, 0.001),
    offer: angleText(half),
  };
};
