import { angle, length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import type { Across } from './tilt';

/** Below this a direction is not worth naming, as part of the whole. */
const FAINT = 0.08;

/**
 * How far something lies off, toward which jaws: "0.10 mm toward jaw 1 and 0.04 mm toward jaw 4".
 *
 * @example
 * plainText(towardJaws({ x: 0.1, y: 0 }, 0.01))
 * // → '0.10\u00a0mm toward jaw 1'
 */
export function towardJaws({ x, y }: Across, resolution: number, as: 'length' | 'angle' = 'length'): Phrase {
  const whole = Math.hypot(x, y);
  if (whole < resolution / 2) return ['nothing that can be seen'];
  const parts = [
    { size: x, jaws: [1, 3] },
    { size: y, jaws: [2, 4] },
  ].filter((p) => Math.abs(p.size) > FAINT * whole);
  return parts.flatMap(({ size, jaws }, i) => [
    ...(i > 0 ? [' and '] : []),
    as === 'length' ? length(Math.abs(size), resolution) : angle(Math.abs(size)),
    ` toward jaw ${size > 0 ? jaws[0] : jaws[1]}`,
  ]);
}
