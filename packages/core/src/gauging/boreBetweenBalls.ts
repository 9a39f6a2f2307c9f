import { AnelloError } from '../basics/error';
import { finite, positive } from '../basics/check';

/**
 * A taper bore from two balls dropped into it: half angle and the diameter at the face, mm and rad. Depths are
 * from the face to the top of each ball, negative when it stands proud. Source: both balls touch the side,
 * so sin a is the difference of radii over the distance of centres. Errors: impossible, out-of-range.
 *
 * @example
 * boreBetweenBalls({ largeBall: 20, smallBall: 16, largeBallDepth: 5, smallBallDepth: 60 })
 * // → { halfAngle: 0.0377448, mouthDiameter: 21.1471 }
 */
export function boreBetweenBalls({
  largeBall,
  smallBall,
  largeBallDepth,
  smallBallDepth,
}: {
  largeBall: number;
  smallBall: number;
  largeBallDepth: number;
  smallBallDepth: number;
}): { halfAngle: number; mouthDiameter: number } {
  const large = positive(largeBall, 'largeBall', 'The large ball') / 2;
  const small = positive(smallBall, 'smallBall', 'The small ball') / 2;
  const largeCentre = finite(largeBallDepth, 'largeBallDepth') + large;
  const apart = finite(smallBallDepth, 'smallBallDepth') + small - largeCentre;
  if (small >= large)
    throw new AnelloError('impossible', 'smallBall', 'The small ball must be smaller than the large one.');
  if (apart <= large - small) {
    throw new AnelloError(
      'impossible',
      'smallBallDepth',
      'The small ball must lie well below the large one: check the two depths.',
    );
  }
  const halfAngle = Math.asin((large - small) / apart);
  return { halfAngle, mouthDiameter: 2 * (large / Math.cos(halfAngle) + largeCentre * Math.tan(halfAngle)) };
}
