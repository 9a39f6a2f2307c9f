import { positive } from '../basics/check';

/**
 * Theoretical finish (mm) of a round nose fed at `feed` per turn: peak to valley f²/8r, and the mean roughness
 * of that parabola, f²/(18√3 r). A machined surface is never better. Errors: out-of-range, not-finite.
 *
 * @example
 * theoreticalFinish({ feed: 0.1, noseRadius: 0.4 })
 * // → { peakToValley: 0.003125, ra: 0.000801875 }
 */
export function theoreticalFinish({ feed, noseRadius }: { feed: number; noseRadius: number }): {
  peakToValley: number;
  ra: number;
} {
  const squared =
    positive(feed, 'feed', 'The feed') ** 2 / positive(noseRadius, 'noseRadius', 'The nose radius');
  return { peakToValley: squared / 8, ra: squared / (18 * Math.sqrt(3)) };
}
