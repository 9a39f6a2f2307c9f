import { positive } from '../basics/check';

/** The feed's square over nose and mean roughness of its parabolas. */
const MEAN = 18 * Math.sqrt(3);

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
  return { peakToValley: squared / 8, ra: squared / MEAN };
}

/**
 * The coarsest feed, mm a turn, whose marks alone come to a mean roughness Ra, mm, with a round nose: what theoreticalFinish
 * says turned about. Errors: out-of-range, not-finite.
 *
 * @example
 * feedForFinish({ ra: 0.0008, noseRadius: 0.4 })
 * // → 0.09988
 */
export function feedForFinish({ ra, noseRadius }: { ra: number; noseRadius: number }): number {
  return Math.sqrt(
    positive(ra, 'ra', 'The finish') * positive(noseRadius, 'noseRadius', 'The nose radius') * MEAN,
  );
}
