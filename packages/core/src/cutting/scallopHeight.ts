import { AnelloError } from '../basics/error';
import { positive } from '../basics/check';

/**
 * Height (mm) of the ridge a round nose leaves between steps along a straight surface: r - sqrt(r² - s²/4).
 * Errors: impossible when the step is wider than the nose; out-of-range.
 *
 * @example
 * scallopHeight({ step: 0.5, noseRadius: 0.8 }).height
 * // → 0.0400658
 */
export function scallopHeight({ step, noseRadius }: { step: number; noseRadius: number }): {
  height: number;
} {
  const half = positive(step, 'step', 'The step') / 2;
  const r = positive(noseRadius, 'noseRadius', 'The nose radius');
  if (half > r)
    throw new AnelloError('impossible', 'step', 'The step is wider than the nose: it leaves uncut bands.');
  // The difference of two near squares keeps its figures when written as a quotient.
  return { height: (half * half) / (r + Math.sqrt(r * r - half * half)) };
}
